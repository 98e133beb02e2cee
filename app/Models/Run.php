<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * Long work in the background: what it is, how far it has come, what came of it.
 *
 * @property string $id
 * @property string $tree_id
 * @property string|null $user_id
 * @property string $kind
 * @property string $title
 * @property string $state
 * @property int $done
 * @property int $total
 * @property string $said
 * @property array<string, mixed> $asked
 * @property array<string, mixed>|null $result
 * @property bool $cancel_asked
 */
final class Run extends Model
{
    use HasUuids;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['asked' => 'array', 'result' => 'array'];
    }

    public function isOver(): bool
    {
        return in_array($this->state, ['done', 'failed', 'cancelled'], true);
    }
}
