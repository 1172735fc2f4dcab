<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

use Hojaldre\Core\Measure\Say;

/** A tray of muffin cups, all alike, filled to the same depth: areas and volumes are those of all cups together. */
final readonly class CupsTin implements Tin
{
    private function __construct(private int $cups, private RoundTin $cup)
    {
    }

    /** @param  int  $cups 1 to 48 */
    public static function of(int $cups, float $floorDiameterMm, float $rimDiameterMm, float $depthMm): self
    {
        return new self($cups, RoundTin::sloped($floorDiameterMm, $rimDiameterMm, $depthMm));
    }

    public function depthMm(): float
    {
        return $this->cup->depthMm();
    }

    public function radiusMm(float $heightMm): float
    {
        return $this->cup->radiusMm($heightMm);
    }

    public function floorAreaMm2(): float
    {
        return $this->cups * $this->cup->floorAreaMm2();
    }

    public function wallAreaMm2(): float
    {
        return $this->cups * $this->cup->wallAreaMm2();
    }

    public function volumeMl(float $depthMm): float
    {
        return $this->cups * $this->cup->volumeMl($depthMm);
    }

    public function depthForVolumeMm(float $millilitres): float
    {
        return $this->cup->depthForVolumeMm($millilitres / $this->cups);
    }

    public function lined(float $thicknessMm): self
    {
        return new self($this->cups, $this->cup->lined($thicknessMm));
    }

    public function scaledInArea(float $factor): self
    {
        return new self($this->cups, $this->cup->scaledInArea($factor));
    }

    public function label(): string
    {
        return sprintf('%d cups of %s cm, %s cm deep', $this->cups, Say::number(2 * $this->cup->radiusMm($this->depthMm()) / 10, 1), Say::number($this->depthMm() / 10, 1));
    }

    public function across(): string
    {
        return 'of one cup';
    }

    public function toArray(): array
    {
        return [
            'shape' => 'cups', 'cups' => $this->cups, 'floorDiameterMm' => 2 * $this->cup->radiusMm(0.0),
            'rimDiameterMm' => 2 * $this->cup->radiusMm($this->depthMm()), 'depthMm' => $this->depthMm(),
        ];
    }
}
