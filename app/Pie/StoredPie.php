<?php

declare(strict_types=1);

namespace App\Pie;

use App\Kitchen\Kitchen;
use App\Kitchen\OfKitchen;
use App\Kitchen\User;
use App\Problem\Problem;
use Hojaldre\Core\Document\DocumentWriter;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Pie\Pie;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A pie of a kitchen: its name and how far its revisions go. The design itself stands in the revisions.
 *
 * @property string $id
 * @property string $kitchen_id
 * @property string $name
 * @property int $revision number of the newest
 * @property Carbon|null $archived_at
 * @property list<array{name: string, verdict: string, state: string}>|null $verdicts codes of its readings, worked out for
 * @property int|null $verdicts_revision that revision, by
 * @property int|null $verdicts_model that model
 */
final class StoredPie extends Model
{
    use HasUuids;
    use OfKitchen;

    protected $table = 'pies';

    protected $fillable = ['kitchen_id', 'name', 'revision', 'archived_at'];

    protected $casts = ['archived_at' => 'immutable_datetime', 'revision' => 'integer', 'verdicts' => 'array', 'verdicts_revision' => 'integer', 'verdicts_model' => 'integer'];

    public static function inKitchen(Kitchen $kitchen, string $id): self
    {
        return $kitchen->pies()->find($id) ?? throw Problem::notFound('There is no such pie in this kitchen. It may have been opened from an old address; look in your pies.');
    }

    /** Puts down the first revision of a new pie. */
    public static function putDown(Kitchen $kitchen, User $by, Pie $design): self
    {
        return DB::transaction(static function () use ($kitchen, $by, $design): self {
            $pie = $kitchen->pies()->create(['name' => $design->name, 'revision' => 0]);

            return $pie->addRevision($by, $design);
        });
    }

    /**
     * Adds a revision on top of the one it was based on.
     *
     * @throws Problem clash, when another was saved meanwhile; nothing is overwritten
     */
    public function saveOn(User $by, Pie $design, int $basedOn): self
    {
        return DB::transaction(function () use ($by, $design, $basedOn): self {
            $now = self::query()->where('kitchen_id', $this->kitchen_id)->lockForUpdate()->findOrFail($this->id);
            if ($now->revision !== $basedOn) {
                throw Problem::clash(RevisionAnswer::of($now->newest()));
            }

            if ($design->bake->colour !== $now->newest()->pie()->bake->colour) {
                $by->update(['colour' => $design->bake->colour]);
            }

            return $now->addRevision($by, $design);
        });
    }

    public function newest(): PieRevision
    {
        return $this->revisionNumbered($this->revision);
    }

    public function revisionNumbered(int $number): PieRevision
    {
        return $this->revisions()->where('number', $number)->first()
            ?? throw Problem::notFound("This pie has no revision $number; the newest is $this->revision.");
    }

    /** @return Builder<PieRevision> */
    public function revisions(): Builder
    {
        return PieRevision::query()->where('kitchen_id', $this->kitchen_id)->where('pie_id', $this->id);
    }

    /** @return list<array{name: string, verdict: string, state: string}>|null codes of its newest revision; null where no present model has read them */
    public function verdictsOf(int $revision): ?array
    {
        return $this->verdicts_revision === $revision && $this->verdicts_model === Forecast::MODEL ? $this->verdicts : null;
    }

    /** Works out the words of its newest revision and keeps them; when it was last saved does not change by it. */
    public function readVerdicts(): void
    {
        $this->keepVerdicts($this->newest()->pie());
        $this->timestamps = false;
        $this->save();
        $this->timestamps = true;
    }

    private function keepVerdicts(Pie $design): void
    {
        $this->verdicts = array_map(
            static fn (Reading $one): array => ['name' => $one->name->value, 'verdict' => $one->verdict->value, 'state' => $one->state->value], Forecast::of($design)->readings,
        );
        $this->verdicts_revision = $this->revision;
        $this->verdicts_model = Forecast::MODEL;
    }

    private function addRevision(User $by, Pie $design): self
    {
        $this->fill(['name' => $design->name, 'revision' => $this->revision + 1]);
        $this->keepVerdicts($design);
        $this->save();
        PieRevision::query()->create([
            'kitchen_id' => $this->kitchen_id,
            'pie_id' => $this->id,
            'number' => $this->revision,
            'design' => DocumentWriter::write($design),
            'saved_by' => $by->name,
            'saved_at' => now(),
        ]);

        return $this;
    }
}
