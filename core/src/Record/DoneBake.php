<?php

declare(strict_types=1);

namespace Hojaldre\Core\Record;

use Hojaldre\Core\AtOven\GateItemName;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;

/** A bake as it was designed, done and judged: what the finder of faults goes by. What nobody said is null or missing. */
final readonly class DoneBake
{
    /**
     * @param  Pie  $done  with the weights and minutes that it really had, as far as they are known
     * @param  list<string>  $weighed  ids of layers that were weighed
     * @param  list<GateItemName>  $looked  things of the gates that were looked at
     * @param  list<GateItemName>  $skipped  things that it went in without
     * @param  float|null  $ovenCelsius  measured in the oven, less what was wanted there
     * @param  float|null  $fillingCelsius  measured before it went in
     * @param  float|null  $behindMinutes  that the probe ran behind the forecast; negative ahead
     * @param  float|null  $restMinutes  until it was cut
     * @param  list<FaultName>  $faults
     * @param  Foretold|null  $told  what the forecast said of it before it went in
     */
    public function __construct(
        public Pie $designed,
        public Pie $done,
        public array $weighed = [],
        public array $looked = [],
        public array $skipped = [],
        public ?float $ovenCelsius = null,
        public ?float $fillingCelsius = null,
        public ?float $behindMinutes = null,
        public ?float $restMinutes = null,
        public ?BaseVerdict $underside = null,
        public ?SliceWord $slice = null,
        public ?ColourWord $colour = null,
        public ?SaltWord $salt = null,
        public array $faults = [],
        public ?Foretold $told = null,
    ) {
    }

    /** @return list<FaultName> those that were named, and those that the four words say */
    public function troubles(): array
    {
        $said = [
            ...($this->underside === BaseVerdict::Soggy || $this->underside === BaseVerdict::Raw ? [FaultName::SoggyBase] : []),
            ...match ($this->slice) {
                SliceWord::Loose => [FaultName::RawMiddle],
                SliceWord::Weeps => [FaultName::Weeping],
                default => [],
            },
            ...match ($this->colour) {
                ColourWord::Pale => [FaultName::Pale],
                ColourWord::Dark => [FaultName::BurntRim],
                default => [],
            },
            ...match ($this->salt) {
                SaltWord::Salty => [FaultName::TooSalt],
                SaltWord::Bland => [FaultName::Bland],
                default => [],
            },
        ];

        return array_values(array_unique([...$this->faults, ...$said], SORT_REGULAR));
    }

    /**
     * The same bake with nothing wrong but these.
     *
     * @param  list<FaultName>  $faults
     */
    public function with(array $faults): self
    {
        $of = static fn (FaultName ...$said): bool => array_filter($said, static fn (FaultName $one): bool => in_array($one, $faults, true)) !== [];

        return new self(
            $this->designed, $this->done, $this->weighed, $this->looked, $this->skipped, $this->ovenCelsius, $this->fillingCelsius, $this->behindMinutes, $this->restMinutes,
            in_array($this->underside, [BaseVerdict::Soggy, BaseVerdict::Raw], true) && ! $of(FaultName::SoggyBase) ? null : $this->underside,
            $this->slice === SliceWord::Holds || $of(FaultName::RawMiddle, FaultName::Weeping) ? $this->slice : null,
            $this->colour === ColourWord::Golden || $of(FaultName::Pale, FaultName::BurntRim) ? $this->colour : null,
            $this->salt === SaltWord::Enough || $of(FaultName::TooSalt, FaultName::Bland) ? $this->salt : null,
            array_values(array_filter($this->faults, $of)), $this->told,
        );
    }

    /** A slice that was called loose and nothing more may have been hot all the same. */
    public function isLooseSlice(FaultName $fault): bool
    {
        return $fault === FaultName::RawMiddle && ! in_array($fault, $this->faults, true);
    }

    /** What a layer weighed more than designed, as a share; null where nobody weighed it. */
    public function heavierShare(string $layer): ?float
    {
        if (! in_array($layer, $this->weighed, true)) {
            return null;
        }
        [$designed, $done] = [self::grams($this->designed, $layer), self::grams($this->done, $layer)];

        return $designed <= 0 ? null : $done / $designed - 1;
    }

    public static function grams(Pie $pie, string $layer): float
    {
        foreach ($pie->layers as $one) {
            if ($one->id() === $layer) {
                return $one instanceof SolidLayer ? $one->now->grams : array_sum(array_map(static fn ($part): float => $part->grams(), $one->ingredients()));
            }
        }

        return 0.0;
    }
}
