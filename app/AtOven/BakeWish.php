<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Contract\Schema;
use Hojaldre\Core\Document\Text;
use Hojaldre\Core\Document\Whole;
use Hojaldre\Core\Pie\Pie;

#[Schema('BakeWish')]
final readonly class BakeWish
{
    private const UUID = '^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$';

    /**
     * @param  string|null  $id  uuid given by the device, so that a wish that is sent twice is stored once
     * @param  string|null  $pie  uuid of the pie
     * @param  Pie|null  $design  as it is on the bench; null for the pie as it was saved last
     * @param  int  $count  tins or folded pieces
     * @param  string|null  $oven  uuid of an oven of the kitchen
     * @param  bool  $isFrozen  it comes from the freezer, unbaked
     * @param  int|null  $plannedAt  when it is to go in, ms since 1970; null for now
     * @param  string|null  $batch  uuid of the batch that it was prepared in: what was weighed at its pans is known of the bake
     */
    public function __construct(
        #[Text(36, 36, self::UUID)] public ?string $id,
        #[Text(36, 36, self::UUID)] public ?string $pie,
        public ?Pie $design,
        #[Whole(1, 500)] public int $count,
        #[Text(36, 36, self::UUID)] public ?string $oven,
        public bool $isFrozen,
        #[Whole(0, 9_999_999_999_999)] public ?int $plannedAt,
        #[Text(36, 36, self::UUID)] public ?string $batch,
    ) {
    }
}
