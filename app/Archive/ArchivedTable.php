<?php

declare(strict_types=1);

namespace App\Archive;

use App\Record\TrialPie;
use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Day\Day;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Food\Food;
use Hojaldre\Core\Pastry\Dough\Formula;
use Hojaldre\Core\Pastry\Dough\WaterLog;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Record\Foretold;
use Hojaldre\Core\Tin\Tin;

/** A table of a kitchen, as an archive keeps it: a line for each row, in the order of its key. */
final readonly class ArchivedTable
{
    /**
     * @param  array<string, string>  $columns  with their types, the kitchen's own left out
     * @param  list<string>  $key  that its lines are ordered by
     */
    private function __construct(public string $name, public array $columns, public array $key)
    {
    }

    /**
     * In the order in which they can be written: what is pointed at comes first. What belongs to people and not to the kitchen
     * stays out: members, invitations, who did what, calendar addresses.
     *
     * @return list<self>
     */
    public static function all(): array
    {
        $at = 'timestamptz';
        $kept = ['created_at' => $at, 'updated_at' => $at];

        return [
            new self('kitchen_foods', ['id' => 'text', 'food' => 'jsonb', 'price_per_kg' => 'numeric', 'stock_grams' => 'numeric', ...$kept], ['id']),
            new self('kitchen_tins', ['id' => 'uuid', 'name' => 'text', 'tin' => 'jsonb', ...$kept], ['id']),
            new self('kitchen_ovens', ['id' => 'uuid', 'name' => 'text', 'mode' => 'text', 'runs_by_kelvins' => 'numeric', 'below_factor' => 'numeric', 'notes' => 'text', ...$kept], ['id']),
            new self('kitchen_doughs', ['id' => 'text', 'formula' => 'jsonb', ...$kept], ['id']),
            new self('dough_waters', ['id' => 'uuid', 'dough_id' => 'text', 'log' => 'jsonb', 'used_percent' => 'numeric', 'logged_by' => 'text', 'logged_at' => $at], ['id']),
            new self('pies', ['id' => 'uuid', 'name' => 'text', 'revision' => 'int', 'archived_at' => $at, 'verdicts' => 'jsonb', 'verdicts_revision' => 'int', 'verdicts_model' => 'int', ...$kept], ['id']),
            new self('pie_revisions', ['pie_id' => 'uuid', 'number' => 'int', 'design' => 'jsonb', 'saved_by' => 'text', 'saved_at' => $at], ['pie_id', 'number']),
            new self('batches', ['id' => 'uuid', 'name' => 'text', 'revision' => 'int', 'batch' => 'jsonb', 'saved_by' => 'text', 'archived_at' => $at, ...$kept], ['id']),
            new self('prep_marks', ['batch_id' => 'uuid', 'act' => 'text', 'goes_done' => 'int', 'is_done' => 'bool', 'tare_grams' => 'numeric', 'reads_grams' => 'numeric', 'marked_by' => 'text', 'marked_at' => $at], ['batch_id', 'act']),
            new self('kitchen_yields', ['batch_id' => 'uuid', 'act' => 'text', 'food_id' => 'text', 'preparation' => 'text', 'before_grams' => 'numeric', 'after_grams' => 'numeric', 'weighed_by' => 'text', 'weighed_at' => $at], ['batch_id', 'act']),
            new self('days', ['id' => 'uuid', 'name' => 'text', 'date' => 'date', 'batch_id' => 'uuid', 'revision' => 'int', 'saved_by' => 'text', 'archived_at' => $at, ...$kept], ['id']),
            new self('day_revisions', ['day_id' => 'uuid', 'number' => 'int', 'day' => 'jsonb', 'told' => 'jsonb', 'saved_by' => 'text', 'saved_at' => $at], ['day_id', 'number']),
            new self('day_marks', ['day_id' => 'uuid', 'task' => 'text', 'kind' => 'text', 'start_minute' => 'int', 'end_minute' => 'int', 'planned_minutes' => 'int', 'marked_by' => 'text', 'marked_at' => $at], ['day_id', 'task']),
            new self('bakes', [
                'id' => 'uuid', 'pie_id' => 'uuid', 'name' => 'text', 'count' => 'int', 'design' => 'jsonb', 'foretold' => 'jsonb', 'legs' => 'jsonb', 'possible' => 'jsonb', 'oven_id' => 'uuid', 'oven' => 'text',
                'planned_at' => $at, 'in_at' => $at, 'out_at' => $at, 'designed_minutes' => 'numeric', 'low_minutes' => 'numeric', 'high_minutes' => 'numeric', 'in_range' => 'bool', 'state' => 'text',
                'underside' => 'text', 'slice' => 'text', 'colour' => 'text', 'salt' => 'text', 'faults' => 'jsonb', 'weighed' => 'jsonb', 'words' => 'text', 'next_time' => 'text', 'judged_by' => 'text', 'judged_at' => $at,
                'evidence' => 'jsonb', 'evidence_of' => 'text', 'looked_for' => 'text', 'begun_by' => 'text', ...$kept,
            ], ['id']),
            new self('bake_events', ['bake_id' => 'uuid', 'id' => 'uuid', 'kind' => 'text', 'leg' => 'text', 'what' => 'text', 'answer' => 'text', 'value' => 'numeric', 'at' => $at, 'pressed_by' => 'text'], ['bake_id', 'number']),
            new self('bake_readings', ['bake_id' => 'uuid', 'at' => $at, 'celsius' => 'real'], ['bake_id', 'at']),
            new self('bake_photos', ['bake_id' => 'uuid', 'id' => 'uuid', 'sha256' => 'text', 'bytes' => 'int', 'width' => 'int', 'height' => 'int', 'put_by' => 'text', 'put_at' => $at], ['id']),
            new self('kitchen_leftovers', ['id' => 'uuid', 'kept' => 'text', 'place' => 'text', 'name' => 'text', 'grams' => 'numeric', 'pieces' => 'int', 'food_id' => 'text', 'bake_id' => 'uuid', 'put_on' => 'date', 'use_by' => 'date', 'put_by' => 'text', 'gone' => 'text', ...$kept], ['id']),
            new self('lessons', ['thing' => 'text', 'state' => 'text', 'value' => 'numeric', 'was' => 'numeric', 'decided_by' => 'text', 'decided_at' => $at], ['thing']),
            new self('trials', ['id' => 'uuid', 'name' => 'text', 'pies' => 'jsonb', 'begun_by' => 'text', 'begun_at' => $at], ['id']),
            new self('tastings', ['trial_id' => 'uuid', 'id' => 'uuid', 'taster' => 'text', 'best_first' => 'jsonb', 'tasted_at' => $at], ['trial_id', 'id']),
        ];
    }

    /** Measurements are many and simple: they are a table (CSV), all else is JSON, a document on a line. */
    public function isCsv(): bool
    {
        return $this->name === 'bake_readings';
    }

    public function file(): string
    {
        return strtr($this->name, '_', '-').($this->isCsv() ? '.csv' : '.jsonl');
    }

    /**
     * Documents of a row are read as the rooms read them, so that nothing comes in that a room could not open.
     *
     * @param  array<array-key, mixed>  $row
     */
    public function judge(array $row): void
    {
        $document = static fn (string $column): mixed => $row[$column] ?? null;
        match ($this->name) {
            'kitchen_foods' => $document('food') === null ? null : DocumentReader::read(Food::class, $document('food')),
            'kitchen_tins' => DocumentReader::read(Tin::class, $document('tin')),
            'kitchen_doughs' => DocumentReader::read(Formula::class, $document('formula')),
            'dough_waters' => DocumentReader::read(WaterLog::class, $document('log')),
            'pie_revisions' => PieFile::read(json_encode($document('design'), JSON_THROW_ON_ERROR)),
            'batches' => DocumentReader::read(Batch::class, $document('batch')),
            'day_revisions' => DocumentReader::read(Day::class, $document('day')),
            'bakes' => [PieFile::read(json_encode($document('design'), JSON_THROW_ON_ERROR)), DocumentReader::read(Foretold::class, $document('foretold'))],
            'trials' => array_map(static fn (mixed $one): TrialPie => DocumentReader::read(TrialPie::class, $one), is_array($document('pies')) ? $document('pies') : []),
            default => null,
        };
    }
}
