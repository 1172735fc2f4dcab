<?php

declare(strict_types=1);

namespace Hojaldre\Core\Food;

/**
 * Density, specific heat and conductivity of a food from what it is made of, above freezing, -40 to 150 °C
 * (Choi and Okos 1986, docs/sources.md#choi-okos). Conductivity in parallel: by the volume each part takes.
 */
final readonly class Thermal
{
    /** kg/m3 at t °C: a + b t + c t2 */
    private const DENSITY = [
        'water' => [997.18, 3.1439e-3, -3.7574e-3],
        'protein' => [1329.9, -0.51840, 0.0],
        'fat' => [925.59, -0.41757, 0.0],
        'carbohydrate' => [1599.1, -0.31046, 0.0],
        'fibre' => [1311.5, -0.36589, 0.0],
        'ash' => [2423.8, -0.28063, 0.0],
    ];

    /** J/kg K */
    private const SPECIFIC_HEAT = [
        'water' => [4176.2, -0.090864, 5.4731e-3],
        'protein' => [2008.2, 1.2089, -1.3129e-3],
        'fat' => [1984.2, 1.4733, -4.8008e-3],
        'carbohydrate' => [1548.8, 1.9625, -5.9399e-3],
        'fibre' => [1845.9, 1.8306, -4.6509e-3],
        'ash' => [1092.6, 1.8896, -3.6817e-3],
    ];

    /** W/m K */
    public const CONDUCTIVITY = [
        'water' => [0.57109, 1.7625e-3, -6.7036e-6],
        'protein' => [0.17881, 1.1958e-3, -2.7178e-6],
        'fat' => [0.18071, -2.7604e-4, -1.7749e-7],
        'carbohydrate' => [0.20141, 1.3874e-3, -4.3312e-6],
        'fibre' => [0.18331, 1.2497e-3, -3.1683e-6],
        'ash' => [0.32962, 1.4011e-3, -2.9069e-6],
    ];

    /**
     * @param  array<string, float>  $parts  kg of each of water, protein, fat, carbohydrate, fibre, ash; not all zero
     */
    private function __construct(private array $parts, private float $celsius)
    {
    }

    /** @param  array<string, float>  $parts  mass of each part, in any one unit */
    public static function ofParts(array $parts, float $celsius): self
    {
        return new self($parts, $celsius);
    }

    public static function of(Composition $food, float $celsius): self
    {
        return new self($food->parts(), $celsius);
    }

    /** kg/m3 without gaps */
    public function density(): float
    {
        return $this->mass() / $this->volume();
    }

    /** J/kg K */
    public function specificHeat(): float
    {
        $sum = 0.0;
        foreach ($this->parts as $part => $mass) {
            $sum += $mass * self::at(self::SPECIFIC_HEAT[$part], $this->celsius);
        }

        return $sum / $this->mass();
    }

    /** W/m K */
    public function conductivity(): float
    {
        $sum = 0.0;
        foreach ($this->parts as $part => $mass) {
            $sum += $mass / self::at(self::DENSITY[$part], $this->celsius) * self::at(self::CONDUCTIVITY[$part], $this->celsius);
        }

        return $sum / $this->volume();
    }

    private function mass(): float
    {
        return array_sum($this->parts);
    }

    /** m3 for each kg of parts */
    private function volume(): float
    {
        $sum = 0.0;
        foreach ($this->parts as $part => $mass) {
            $sum += $mass / self::at(self::DENSITY[$part], $this->celsius);
        }

        return $sum;
    }

    /** @param  array{float, float, float}  $polynomial */
    private static function at(array $polynomial, float $celsius): float
    {
        return $polynomial[0] + $celsius * ($polynomial[1] + $celsius * $polynomial[2]);
    }
}
