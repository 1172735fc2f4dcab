<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Fields;

/** Pastry over the filling: closed but for its vent, or a lattice. */
final readonly class Lid
{
    public const GLAZES = ['none', 'egg', 'milk'];

    /**
     * @param  float  $thicknessMm  rolled, 1 to 15
     * @param  float  $openShare  of the top that is not covered: 0.01 for a vent, 0.3 to 0.6 for a lattice, at most 0.8
     * @param  string  $glaze  of GLAZES
     */
    public function __construct(
        public float $thicknessMm,
        public float $openShare,
        public string $glaze,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $read = new self(
            $fields->number('thicknessMm', 1, 15, 'mm'),
            $fields->number('openShare', 0, 0.8, 'of the top'),
            $fields->oneOf('glaze', self::GLAZES),
        );
        $fields->nothingElse();

        return $read;
    }

    public function isLattice(): bool
    {
        return $this->openShare >= 0.1;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['thicknessMm' => $this->thicknessMm, 'openShare' => $this->openShare, 'glaze' => $this->glaze];
    }
}
