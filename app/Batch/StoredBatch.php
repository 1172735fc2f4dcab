<?php

declare(strict_types=1);

namespace App\Batch;

use App\Kitchen\Kitchen;
use App\Kitchen\OfKitchen;
use App\Kitchen\User;
use App\Problem\Problem;
use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Document\DocumentReader;
use Hojaldre\Core\Document\DocumentWriter;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A batch of a kitchen. Only its newest state is kept.
 *
 * @property string $id
 * @property string $kitchen_id
 * @property string $name
 * @property int $revision
 * @property array<array-key, mixed> $batch
 * @property string $saved_by
 * @property Carbon|null $archived_at
 * @property Carbon $updated_at
 */
final class StoredBatch extends Model
{
    use HasUuids;
    use OfKitchen;

    protected $table = 'batches';

    protected $fillable = ['kitchen_id', 'name', 'revision', 'batch', 'saved_by', 'archived_at'];

    protected $casts = ['batch' => 'array', 'revision' => 'integer', 'archived_at' => 'immutable_datetime'];

    /** @return Builder<self> */
    public static function of(Kitchen $kitchen): Builder
    {
        return self::query()->where('kitchen_id', $kitchen->id);
    }

    public static function inKitchen(Kitchen $kitchen, string $id): self
    {
        return self::of($kitchen)->find($id) ?? throw Problem::notFound('There is no such batch in this kitchen. Open another one, or begin a new one.');
    }

    public static function putDown(Kitchen $kitchen, User $by, Batch $batch): self
    {
        return self::query()->create(['kitchen_id' => $kitchen->id, 'name' => $batch->name, 'revision' => 1, 'batch' => DocumentWriter::write($batch), 'saved_by' => $by->name]);
    }

    /**
     * Puts the new state in the place of the one it was based on.
     *
     * @throws Problem clash, when another was saved meanwhile; nothing is overwritten
     */
    public function saveOn(User $by, Batch $batch, int $basedOn): self
    {
        $now = self::query()->where('kitchen_id', $this->kitchen_id)->lockForUpdate()->findOrFail($this->id);
        if ($now->revision !== $basedOn) {
            throw Problem::batchClash($now->saved_by);
        }
        $now->fill(['name' => $batch->name, 'revision' => $basedOn + 1, 'batch' => DocumentWriter::write($batch), 'saved_by' => $by->name])->save();

        return $now;
    }

    public function document(): Batch
    {
        return DocumentReader::read(Batch::class, $this->batch);
    }
}
