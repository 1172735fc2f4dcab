<?php

declare(strict_types=1);

namespace App\People;

use App\Kitchen\Kitchen;
use App\Kitchen\Role;
use App\Problem\Problem;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * A link that lets one person in, once, and runs out.
 *
 * @property string $kitchen_id
 * @property string $id
 * @property string $for_whom as the owner wrote it
 * @property Role $role
 * @property string $invited_by
 * @property Carbon $runs_out_at
 * @property Carbon|null $used_at
 */
final class KitchenInvite extends Model
{
    public const DAYS = 7;

    private const LETTERS = 40;

    protected $table = 'kitchen_invites';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = ['kitchen_id', 'id', 'token_hash', 'for_whom', 'role', 'invited_by', 'runs_out_at'];

    protected $casts = ['role' => Role::class, 'runs_out_at' => 'immutable_datetime', 'used_at' => 'immutable_datetime'];

    /** @return array{self, string} the invite, and the word of its link, which is not kept */
    public static function write(Kitchen $kitchen, string $by, string $forWhom, Role $role): array
    {
        $token = Str::random(self::LETTERS);
        $invite = self::query()->create([
            'kitchen_id' => $kitchen->id, 'id' => Str::uuid()->toString(), 'token_hash' => self::hash($token),
            'for_whom' => $forWhom, 'role' => $role, 'invited_by' => $by, 'runs_out_at' => now()->addDays(self::DAYS),
        ]);

        return [$invite, $token];
    }

    /** @throws Problem where the link was used, withdrawn, has run out or never was */
    public static function open(string $token): self
    {
        return self::query()->where('token_hash', self::hash($token))->whereNull('used_at')->where('runs_out_at', '>', now())->first()
            ?? throw Problem::notFound('This invitation was used, was withdrawn or has run out. Ask the owner of the kitchen for a new one.');
    }

    /**
     * Marks it used; of two who open it at once only one gets in.
     *
     * @throws Problem as above
     */
    public function use(): void
    {
        $marked = self::query()->where('kitchen_id', $this->kitchen_id)->where('id', $this->id)->whereNull('used_at')->update(['used_at' => now()]);
        if ($marked === 0) {
            throw Problem::notFound('This invitation was used meanwhile. Ask the owner of the kitchen for a new one.');
        }
    }

    public function kitchen(): Kitchen
    {
        return Kitchen::query()->findOrFail($this->kitchen_id);
    }

    private static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
