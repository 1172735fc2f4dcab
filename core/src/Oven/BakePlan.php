<?php

declare(strict_types=1);

namespace Hojaldre\Core\Oven;

use Hojaldre\Core\Document\ListOf;

/** What oven the filled pie stands in, on what, and for how long at what heat. */
final readonly class BakePlan
{
    /** A limit of ours (definition). */
    public const MOST_STAGES = 4;

    /**
     * @param  non-empty-list<Stage>  $stages
     * @param  Matched|null  $matched  how this kitchen differs, where its bakes have told
     * @param  TinMaterial  $tinMaterial  what the tin is made of; of a fold, the sheet
     */
    public function __construct(
        #[ListOf(Stage::class, self::MOST_STAGES, 1)] public array $stages,
        public StandsOn $on = StandsOn::Rack,
        public ?Oven $oven = null,
        public TinMaterial $tinMaterial = TinMaterial::DarkSteel,
        public ColourWish $colour = ColourWish::Gold,
        public ?Matched $matched = null,
    ) {
    }

    public static function plain(float $ovenCelsius, OvenMode $mode, float $minutes): self
    {
        return new self([new Stage($ovenCelsius, $mode, $minutes)]);
    }

    /** All stages together, min. */
    public function minutes(): float
    {
        return (float) array_sum(array_map(static fn (Stage $stage): float => $stage->minutes, $this->stages));
    }

    /** The stage it goes into first. */
    public function first(): Stage
    {
        return $this->stages[0];
    }

    /** Longer or shorter by its last stage, which keeps at least a minute. */
    public function withMinutes(float $minutes): self
    {
        $before = array_slice($this->stages, 0, -1);
        $last = $this->stages[count($this->stages) - 1];

        return $this->withStages([...$before, $last->with(minutes: max(1.0, $last->minutes + $minutes - $this->minutes()))]);
    }

    /** @param  non-empty-list<Stage>  $stages */
    public function withStages(array $stages): self
    {
        return new self($stages, $this->on, $this->oven, $this->tinMaterial, $this->colour, $this->matched);
    }

    public function withColour(ColourWish $colour): self
    {
        return new self($this->stages, $this->on, $this->oven, $this->tinMaterial, $colour, $this->matched);
    }

    public function withMatched(?Matched $matched): self
    {
        return new self($this->stages, $this->on, $this->oven, $this->tinMaterial, $this->colour, $matched);
    }

    public function withOn(StandsOn $on): self
    {
        return new self($this->stages, $on, $this->oven, $this->tinMaterial, $this->colour, $this->matched);
    }
}
