<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Life\DeathYears;

/**
 * @property string $id
 * @property string $name
 * @property string|null $centre_person_id
 * @property int $next_number
 * @property int $people_count
 * @property int $last_change
 * @property string|null $busy_with
 * @property string|null $due_asked_at when a worker was asked to work out what follows from changes; null once it has begun
 * @property int $dead_years_after_birth
 * @property int $dead_years_after_adult_event
 * @property bool $readers_see_living
 * @property string $surname_custom code of a NamingCustom
 * @property string $married_custom code of a MarriedCustom
 * @property array<string, string>|null $reckoning how dates are written where neither source nor place says
 */
final class Tree extends Model
{
    use HasUuids;
    use SoftDeletes;

    /** @var array<string, mixed> */
    protected $attributes = ['next_number' => 1, 'people_count' => 0, 'last_change' => 0,
        'dead_years_after_birth' => DeathYears::AFTER_BIRTH, 'dead_years_after_adult_event' => DeathYears::AFTER_ADULT_EVENT,
        'readers_see_living' => false, 'surname_custom' => 'father', 'married_custom' => 'wife'];

    protected $fillable = ['name', 'centre_person_id'];

    protected function casts(): array
    {
        return ['reckoning' => 'array'];
    }

    public function memberOf(User $user): Membership
    {
        $row = DB::table('members')->where('tree_id', $this->id)->where('user_id', $user->id)->first();

        return new Membership($row->role ?? '', $row->centre_person_id ?? '', $row->numbering ?? '');
    }

    /** The role that a user has in this tree; empty for a stranger. */
    public function roleOf(User $user): string
    {
        return $this->memberOf($user)->role;
    }

    /** The number for the next person, and so many reserved after it. */
    public function takeNumbers(int $count): int
    {
        $first = $this->next_number;
        $this->next_number += $count;
        $this->save();

        return $first;
    }

    public static function begin(string $name, User $owner): self
    {
        return DB::transaction(static function () use ($name, $owner): self {
            $tree = self::query()->create(['name' => $name]);
            DB::table('members')->insert(['tree_id' => $tree->id, 'user_id' => $owner->id, 'role' => 'owner']);

            return $tree;
        });
    }
}
