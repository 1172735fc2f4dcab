<?php

declare(strict_types=1);

namespace Hojaldre\Core\Custard;

/**
 * Egg against liquid. One egg is 50 g without shell; a yolk or a white sets as half an egg.
 * What leaves the vegetables before the custard sets thins it like dairy; what comes later does not.
 */
final readonly class Custard
{
    /** A large egg without its shell, g (docs/sources.md#usda-sr-legacy). */
    public const EGG_GRAMS = 50.0;

    /** Above this an egg custard no longer holds at all, and below it is rubber, g liquid to an egg (common practice, no source). */
    public const HOLDS_TO_GRAMS = 150.0;

    public const HOLDS_FROM_GRAMS = 30.0;

    /** With less dairy than this it is no custard: eggs baked as they are, firm as boiled ones, g to an egg (common practice, no source). */
    private const EGG_ALONE_GRAMS = 10.0;

    /** Share of the weep that commonly leaves before its place sets (a result of the model, docs/model.md). */
    public const EARLY_SHARE = 0.3;

    /** Measures of over-cooking at which a lean custard is tough (fitted), and what fat and starch add to that (judgement, after what is said of custards that separate; from memory). */
    public const TOUGH_DOSE = 7.0;

    private const FAT_PROTECTS = 2.0;

    private const FAT_AT_MOST_SHARE = 0.3;

    private const STARCH_PROTECTS = 4.0;

    private const STARCH_AT_MOST_SHARE = 0.1;

    /** Of a whole egg's setting, what the yolk is counted for when asking how late it sets (judgement). */
    public const YOLK_OF_AN_EGG = 1 / 3;

    /** Protein of raw meat or fish that sets as one egg does once blended, g (judgement: 100 g of lean meat carries about 100 g of cream firmly). */
    private const MEAT_PROTEIN_GRAMS_PER_EGG = 13.3;

    /** Egg alone sets at this temperature, and no custard that holds sets above the other (fitted, docs/model.md). */
    public const EGG_ALONE_CELSIUS = 70.0;

    private const SETS_BEFORE_CELSIUS = 86.0;

    /** Fat up to this share of the custard does not delay it (judgement). */
    private const LEAN_FAT_SHARE = 0.10;

    /**
     * @param  float  $eggs  whole eggs' worth of setting
     * @param  float  $liquidGrams  of the dairy
     * @param  float  $weepGrams  free water of the other layers
     * @param  float  $yolkShare  of the setting, what yolks bring; a third in whole eggs
     * @param  float  $fatShare  fat of the custard, 0 to 1
     * @param  float  $earlyShare  of the weep, what leaves before its place sets, 0 to 1
     */
    public function __construct(
        public float $eggs,
        public float $liquidGrams,
        public float $weepGrams,
        public float $yolkShare = self::YOLK_OF_AN_EGG,
        public float $fatShare = self::LEAN_FAT_SHARE,
        public float $earlyShare = self::EARLY_SHARE,
    ) {
    }

    public static function eggsOfMeat(float $proteinGrams): float
    {
        return $proteinGrams / self::MEAT_PROTEIN_GRAMS_PER_EGG;
    }

    /** Dairy plus the weep that comes while it is still liquid, g to an egg; INF without an egg. */
    public function liquidGramsPerEgg(): float
    {
        return $this->liquidWith($this->earlyShare);
    }

    public function isEggAlone(): bool
    {
        return $this->eggs > 0 && $this->liquidGrams < self::EGG_ALONE_GRAMS * $this->eggs;
    }

    /** Of the weep, what comes before it has set, g. */
    public function earlyGrams(): float
    {
        return $this->earlyShare * $this->weepGrams;
    }

    private function liquidWith(float $weepShare): float
    {
        return $this->eggs > 0 ? ($this->liquidGrams + $weepShare * $this->weepGrams) / $this->eggs : INF;
    }

    /** Measures of over-cooking at which its middle is tough. @param  float  $starchShare carbohydrate of the whole filling, 0 to 1 */
    public function toughDose(float $starchShare): float
    {
        return self::TOUGH_DOSE * (1 + self::FAT_PROTECTS * min(self::FAT_AT_MOST_SHARE, $this->fatShare) + self::STARCH_PROTECTS * min(self::STARCH_AT_MOST_SHARE, $starchShare));
    }

    /**
     * Temperature at which it sets, °C: T = min(86, 70 + 9 (l/e / 2.4)^0.6 + yolks + fat), l/e dairy plus three tenths of the weep to egg by weight.
     * Dilution fitted, see docs/model.md: whole egg 70, one egg to 120 ml 79, to 300 ml 85.6 (common practice: 70 for egg alone, 75 to
     * 80 diluted). Yolks set later than whites and fat later than lean: up to 2 K and 1.5 K (direction common practice, size judgement).
     */
    public function setsAtCelsius(): float
    {
        $parts = $this->setPointKelvins();

        return min(self::SETS_BEFORE_CELSIUS, self::EGG_ALONE_CELSIUS + array_sum($parts));
    }

    /** @return array{dilution: float, yolks: float, fat: float} what moves it away from egg alone, K */
    public function setPointKelvins(): array
    {
        $liquidToEgg = $this->liquidWith(self::EARLY_SHARE) / self::EGG_GRAMS;

        return [
            'dilution' => min(16.0, 9 * ($liquidToEgg / 2.4) ** 0.6),
            'yolks' => max(-1.0, min(2.0, 3 * ($this->yolkShare - self::YOLK_OF_AN_EGG))),
            'fat' => max(0.0, min(1.5, 6 * ($this->fatShare - self::LEAN_FAT_SHARE))),
        ];
    }
}
