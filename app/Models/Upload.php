<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * A file on its way in, piece by piece.
 *
 * @property string $id
 * @property string $user_id
 * @property string $name
 * @property int $size
 * @property int $received
 */
final class Upload extends Model
{
    use HasUuids;

    protected $guarded = [];

    public function path(): string
    {
        return storage_path("app/uploads/{$this->id}");
    }
}
