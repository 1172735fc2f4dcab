<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** Takes the state of all cells every few minutes and at the end of each stage, for a drawing that moves. */
final class Film
{
    /** (definition) */
    private const EVERY_MINUTES = 2.0;

    /** @var list<FilmFrame> */
    public array $frames = [];

    private FilmStage $stage = FilmStage::Bake;

    private float $nextMinutes = 0.0;

    public function __construct(private readonly bool $isOn)
    {
    }

    public function begin(FilmStage $stage): void
    {
        $this->stage = $stage;
    }

    public function take(float $minutes, Cells $cells, bool $always = false): void
    {
        if (! $this->isOn || (! $always && $minutes < $this->nextMinutes)) {
            return;
        }
        $last = $this->frames[count($this->frames) - 1] ?? null;
        if ($last !== null && $last->stage === $this->stage && $minutes - $last->minutes < 0.01) {
            array_pop($this->frames);
        }
        $this->frames[] = FilmFrame::of($this->stage, $minutes, $cells);
        $this->nextMinutes = $minutes + self::EVERY_MINUTES;
    }
}
