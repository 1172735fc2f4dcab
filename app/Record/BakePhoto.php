<?php

declare(strict_types=1);

namespace App\Record;

use App\AtOven\StoredBake;
use App\Kitchen\OfKitchen;
use App\Problem\Problem;
use Hojaldre\Core\Refusal\Refused;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;

/**
 * A photo of a bake. The picture is a file, called by its id.
 *
 * @property string $id
 * @property string $kitchen_id
 * @property string $bake_id
 * @property string $sha256
 * @property int $bytes
 * @property int $width pixels
 * @property int $height pixels
 * @property string $put_by
 * @property Carbon $put_at
 */
final class BakePhoto extends Model
{
    use HasUuids;
    use OfKitchen;

    /** Of one bake (definition). */
    private const MOST = 12;

    public $timestamps = false;

    protected $fillable = ['id', 'kitchen_id', 'bake_id', 'sha256', 'bytes', 'width', 'height', 'put_by', 'put_at'];

    protected $casts = ['bytes' => 'integer', 'width' => 'integer', 'height' => 'integer', 'put_at' => 'immutable_datetime'];

    /** @return list<self> */
    public static function of(StoredBake $bake): array
    {
        return array_values(self::query()->where('kitchen_id', $bake->kitchen_id)->where('bake_id', $bake->id)->orderBy('put_at')->orderBy('id')->get()->all());
    }

    public static function ofBake(StoredBake $bake, string $id): self
    {
        return self::query()->where('kitchen_id', $bake->kitchen_id)->where('bake_id', $bake->id)->find($id) ?? throw Problem::notFound('There is no such photo of this bake any more.');
    }

    /** The file first: a row always has its picture. */
    public static function put(StoredBake $bake, JpegFile $photo, string $by): void
    {
        if (self::query()->where('kitchen_id', $bake->kitchen_id)->where('bake_id', $bake->id)->count() >= self::MOST) {
            throw Refused::because('photos-full', '', ['most' => self::MOST]);
        }
        $id = Str::uuid()->toString();
        self::write($bake->kitchen_id, $id, $photo->bytes);
        self::query()->create([
            'id' => $id, 'kitchen_id' => $bake->kitchen_id, 'bake_id' => $bake->id, 'sha256' => hash('sha256', $photo->bytes), 'bytes' => strlen($photo->bytes), 'width' => $photo->width, 'height' => $photo->height, 'put_by' => $by, 'put_at' => now(),
        ]);
    }

    public static function write(string $kitchen, string $id, string $bytes): void
    {
        File::ensureDirectoryExists(dirname(self::pathOf($kitchen, $id)));
        File::replace(self::pathOf($kitchen, $id), $bytes);
    }

    public function path(): string
    {
        return self::pathOf($this->kitchen_id, $this->id);
    }

    public static function pathOf(string $kitchen, string $id): string
    {
        return storage_path("photos/$kitchen/$id.jpg");
    }

    /** The row first, for the same reason. */
    public function drop(): void
    {
        $this->delete();
        File::delete($this->path());
    }
}
