<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\AtOven\StoredEvent;
use App\AtOven\StoredReading;
use Hojaldre\Core\AtOven\ActName;
use Hojaldre\Core\AtOven\GateItemName;
use Hojaldre\Core\AtOven\LegName;
use Hojaldre\Core\AtOven\LegState;
use Hojaldre\Core\AtOven\LogEvent;
use Hojaldre\Core\AtOven\LogKind;
use Hojaldre\Core\AtOven\OvenLog;
use Hojaldre\Core\AtOven\Trace;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Pie\SolidLayer;
use Hojaldre\Core\Record\ColourWord;
use Hojaldre\Core\Record\DoneBake;
use Hojaldre\Core\Record\FaultName;
use Hojaldre\Core\Record\HotEnough;
use Hojaldre\Core\Record\SaltWord;
use Hojaldre\Core\Record\SliceWord;

/** A bake of the book put together: its design, its log, its trace, its weights, as the core wants to have it. */
final readonly class RecordedBake
{
    /**
     * @param  list<LegState>  $legs  the last one filled
     */
    private function __construct(public StoredBake $stored, public Pie $designed, public OvenLog $log, public array $legs, public Trace $trace)
    {
    }

    public static function of(StoredBake $stored): self
    {
        $log = OvenLog::of(array_map(static fn (StoredEvent $one): LogEvent => $one->event(), StoredEvent::of($stored->kitchen_id, [$stored->id])[$stored->id]));
        $legs = array_map(static fn ($leg): LegState => $log->leg($leg), $stored->legsOf());
        $baked = $legs[count($legs) - 1];

        return new self($stored, $stored->pie(), $log, $legs, $baked->inSeconds === null ? Trace::of([]) : StoredReading::trace($stored, $baked->inSeconds, $log, $baked->outMinute()));
    }

    public function baked(): LegState
    {
        return $this->legs[count($this->legs) - 1];
    }

    /** Minutes in the oven, filled; null while it is not out. */
    public function minutes(): ?float
    {
        return $this->baked()->outMinute();
    }

    /** The trace while it was in. */
    public function ovenTrace(): ?Trace
    {
        $out = $this->minutes();
        $trace = $out === null ? $this->trace : $this->trace->until($out);

        return $trace->isEmpty() ? null : $trace;
    }

    public function hotEnough(): HotEnough
    {
        $baked = $this->baked();

        return HotEnough::of(
            $this->trace, $baked->bakedMinutes() ?? 0.0, $this->stored->foretold(), $baked->middleCelsius, $baked->isSeenSet(), array_map(FaultName::from(...), $this->stored->faults),
            $this->stored->slice === null ? null : SliceWord::from($this->stored->slice),
        );
    }

    /** The pie as it was done, as far as it is known. */
    public function done(): Pie
    {
        $pie = $this->designed;
        foreach ($this->stored->weighed ?? [] as $one) {
            foreach ($pie->layers as $layer) {
                $was = DoneBake::grams($pie, $layer->id());
                if ($layer->id() === $one['layer'] && $was > 0) {
                    $pie = $pie->withLayer($layer instanceof SolidLayer && $layer->steps !== [] ? $layer->withNow(min($layer->bought->grams, (float) $one['grams'])) : $layer->scaled($one['grams'] / $was));
                }
            }
        }
        $minutes = $this->minutes();

        return self::withShell($minutes === null ? $pie : $pie->withBake($pie->bake->withMinutes(max(1.0, $minutes))), $this->shellMinutes());
    }

    private function shellMinutes(): ?float
    {
        return $this->legs[0]->leg->name === LegName::Shell ? $this->legs[0]->outMinute() : null;
    }

    private static function withShell(Pie $pie, ?float $minutes): Pie
    {
        $designed = array_sum(array_map(static fn (ShellStage $stage): float => $stage->minutes, $pie->crust->shell));
        if ($minutes === null || $designed <= 0) {
            return $pie;
        }
        $factor = $minutes / $designed;

        return $pie->withCrust($pie->crust->withShell(array_map(static fn (ShellStage $stage): ShellStage => $stage->withMinutes(max(1.0, min(60.0, $factor * $stage->minutes))), $pie->crust->shell), $pie->crust->seal));
    }

    public function doneBake(): DoneBake
    {
        $looked = $skipped = [];
        foreach ($this->legs as $leg) {
            foreach ($leg->inSeconds === null ? [] : $leg->leg->gate as $item) {
                in_array($item->name->value, $leg->ticked, true) ? $looked[] = $item->name : (in_array($item->name->value, $leg->stopped, true) ? $skipped[] = $item->name : null);
            }
        }
        $stored = $this->stored;
        $trace = $this->ovenTrace();
        $oven = $this->measured(GateItemName::OvenHot);

        return new DoneBake(
            $this->designed, $this->done(), array_map(static fn (array $one): string => $one['layer'], $stored->weighed ?? []), $looked, $skipped,
            $oven === null ? null : $oven - $this->designed->bake->first()->ovenCelsius, $this->measured(GateItemName::FillingCool),
            $trace === null ? null : $stored->possibleBakes()->given($trace, [])->movedMinutes, $this->restMinutes(),
            $stored->underside === null ? null : BaseVerdict::from($stored->underside), $stored->slice === null ? null : SliceWord::from($stored->slice),
            $stored->colour === null ? null : ColourWord::from($stored->colour), $stored->salt === null ? null : SaltWord::from($stored->salt),
            array_map(FaultName::from(...), $stored->faults), $stored->foretold(),
        );
    }

    /** What a thermometer read at the last gate, °C. */
    private function measured(GateItemName $item): ?float
    {
        foreach (array_reverse($this->log->events) as $event) {
            if ($event->kind === LogKind::Measured && $event->what === $item->value && $event->leg === LegName::Bake) {
                return $event->value;
            }
        }

        return null;
    }

    private function restMinutes(): ?float
    {
        foreach ($this->baked()->acts as $one) {
            if ($one->act->name === ActName::Rested) {
                return $one->doneMinute;
            }
        }

        return null;
    }
}
