<?php

declare(strict_types=1);

namespace App\Contract;

use Attribute;
use OpenApi\Attributes as OA;

/** A part of the address. */
#[Attribute(Attribute::TARGET_METHOD | Attribute::IS_REPEATABLE)]
final class InPath extends OA\PathParameter
{
    public function __construct(string $name = 'kitchen', string $type = 'string', ?string $format = 'uuid')
    {
        parent::__construct(name: $name, required: true, schema: new OA\Schema(type: $type, format: $format));
    }
}
