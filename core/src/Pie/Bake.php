<?php

declare(strict_types=1);

namespace Hojaldre\Core\Pie;

use Hojaldre\Core\Bake\Oven;
use Hojaldre\Core\Bake\Stage;
use Hojaldre\Core\Bake\Ware;
use Hojaldre\Core\Fields;

/** What oven the filled pie stands in, on what, and for how long at what heat. */
final readonly class Bake
{
    public const ON = ['rack', 'steel'];

    private const MOST_STAGES = 4;

    /** All stages together, min. */
    public float $minutes;

    /**
     * @param  non-empty-list<Stage>  $stages
     * @param  string  $on  of ON: an open rack, or a hot steel or stone
     * @param  Ware  $ware  what the tin is made of; of a fold, the sheet
     */
    public function __construct(public array $stages, public string $on = 'rack', public ?Oven $oven = null, public Ware $ware = Ware::DarkSteel)
    {
        $this->minutes = (float) array_sum(array_map(static fn (Stage $stage): float => $stage->minutes, $stages));
    }

    public static function plain(float $ovenCelsius, string $mode, float $minutes): self
    {
        return new self([new Stage($ovenCelsius, $mode, $minutes)]);
    }

    public static function read(Fields $fields): self
    {
        $stages = array_map(Stage::read(...), $fields->objects('stages', self::MOST_STAGES));
        if ($stages === []) {
            $fields->fault('stages', 'too-few', '"stages" holds at least one stage: how hot, and how many minutes.');
            $stages = [new Stage(175, 'static', 40)];
        }
        $read = new self($stages, $fields->oneOf('on', self::ON), ($oven = $fields->objectOrNull('oven')) === null ? null : Oven::read($oven), Ware::from($fields->oneOf('ware', Ware::words())));
        $fields->nothingElse();

        return $read;
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

        return $this->withStages([...$before, $last->with(minutes: max(1.0, $last->minutes + $minutes - $this->minutes))]);
    }

    /** @param  non-empty-list<Stage>  $stages */
    public function withStages(array $stages): self
    {
        return new self($stages, $this->on, $this->oven, $this->ware);
    }

    public function withOn(string $on): self
    {
        return new self($this->stages, $on, $this->oven, $this->ware);
    }

    public function withWare(Ware $ware): self
    {
        return new self($this->stages, $this->on, $this->oven, $ware);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'stages' => array_map(static fn (Stage $stage): array => $stage->toArray(), $this->stages),
            'on' => $this->on,
            'oven' => $this->oven?->toArray(),
            'ware' => $this->ware->value,
        ];
    }
}
