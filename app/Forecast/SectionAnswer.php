<?php

declare(strict_types=1);

namespace App\Forecast;

use App\Contract\Schema;
use App\Wording\TinWords;
use App\Wording\Words;
use Hojaldre\Core\Forecast\Section;
use Hojaldre\Core\Forecast\SectionLayer;
use Hojaldre\Core\Pastry\Lid;
use Hojaldre\Core\Pie\Form;
use Hojaldre\Core\Tin\FoldShape;

/** Half section, mm from the axis and from the floor of the tin. */
#[Schema('Section')]
final readonly class SectionAnswer
{
    /**
     * @param  FoldShape|null  $fold  how a folded one is closed
     * @param  string  $across  which way it is cut, where that is not plain; else empty
     * @param  list<SectionLayerAnswer>  $layers
     * @param  float  $headroomMm  negative above the rim
     */
    private function __construct(
        public Form $form,
        public ?FoldShape $fold,
        public ?Lid $lid,
        public string $across,
        public SectionTinAnswer $tin,
        public array $layers,
        public ?float $custardLineMm,
        public float $fillTopMm,
        public float $headroomMm,
    ) {
    }

    public static function of(Section $section, Words $words): self
    {
        $cut = TinWords::cut($section->tin->whole);

        return new self(
            $section->form, $section->fold, $section->lid, $cut === null ? '' : $words->say($cut), SectionTinAnswer::of($section->tin),
            array_map(static fn (SectionLayer $one): SectionLayerAnswer => SectionLayerAnswer::of($one), $section->layers),
            Rounded::to($section->custardLineMm, 2), round($section->fillTopMm, 2), round($section->headroomMm, 2),
        );
    }
}
