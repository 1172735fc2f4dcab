<?php

declare(strict_types=1);

namespace Hojaldre\Core\Tin;

/** What every round tin answers by its frustum. */
trait IsRound
{
    abstract private function frustum(): Frustum;

    abstract private static function from(Frustum $frustum): self;

    public function depthMm(): float
    {
        return $this->depthMm;
    }

    public function radiusMm(float $heightMm): float
    {
        return $this->frustum()->radiusMm($heightMm);
    }

    public function floorAreaMm2(): float
    {
        return $this->frustum()->floorAreaMm2();
    }

    public function wallAreaMm2(): float
    {
        return $this->frustum()->wallAreaMm2();
    }

    public function volumeMl(float $depthMm): float
    {
        return $this->frustum()->volumeMl($depthMm);
    }

    public function depthForVolumeMm(float $millilitres): float
    {
        return $this->frustum()->depthForVolumeMm($millilitres);
    }

    public function lined(float $thicknessMm): self
    {
        return self::from($this->frustum()->lined($thicknessMm));
    }

    public function scaledInArea(float $factor): self
    {
        return self::from($this->frustum()->scaledInArea($factor));
    }
}
