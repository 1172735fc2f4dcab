<?php

declare(strict_types=1);

namespace Hojaldre\Core\Bake;

/** The state of all cells every few minutes and at the end of each stage, for a drawing that moves. */
final class Film
{
    private const EVERY_MINUTES = 2.0;

    /** @var list<array{stage: string, minute: float, T: array<int, float>, W: array<int, float>, peak: array<int, float>, dose: array<int, float>, top: array<int, float>, rim: float, base: float, inside: float}> minutes since the first stage began, that of the shell where there is one */
    public array $frames = [];

    /** weighted, propped or bare, filled, bake, rest */
    public string $stage = '';

    private float $next = 0.0;

    public function __construct(private readonly bool $isOn)
    {
    }

    public function take(float $minute, Cells $cells, bool $always = false): void
    {
        if (! $this->isOn || (! $always && $minute < $this->next)) {
            return;
        }
        $last = count($this->frames) - 1;
        $again = $last >= 0 && $this->frames[$last]['stage'] === $this->stage && $minute - $this->frames[$last]['minute'] < 0.01;
        $this->frames[$again ? $last : $last + 1] = [
            'stage' => $this->stage, 'minute' => $minute, 'T' => $cells->T, 'W' => $cells->W, 'peak' => $cells->peak, 'dose' => $cells->dose,
            'top' => $cells->topBrown, 'rim' => $cells->rimBrown, 'base' => $cells->baseBrown, 'inside' => $cells->insideBrown,
        ];
        $this->next = $minute + self::EVERY_MINUTES;
    }
}
