<?php

declare(strict_types=1);

namespace App\Record;

use App\Contract\Schema;

#[Schema('BakePhoto')]
final readonly class PhotoAnswer
{
    /**
     * @param  string  $id  uuid
     * @param  int  $width  pixels
     * @param  int  $height  pixels
     */
    private function __construct(public string $id, public int $width, public int $height, public string $putBy)
    {
    }

    public static function of(BakePhoto $photo): self
    {
        return new self($photo->id, $photo->width, $photo->height, $photo->put_by);
    }
}
