<?php

declare(strict_types=1);

namespace App\Models;

use App\Trees\Changes\OpenChange;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/**
 * A row of a tree. Its key is (tree_id, id): every query is bound to the current tree, every write happens inside an
 * open change set and is journalled.
 *
 * @property string $tree_id
 * @property string $id
 * @property int $ordinal
 * @property array<string, array{int, string}> $written
 * @property int $version
 * @property string|null $made_by
 */
abstract class TreeModel extends Model
{
    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, mixed> */
    protected $attributes = ['ordinal' => -1, 'written' => '{}', 'version' => 1];

    protected static function booted(): void
    {
        static::addGlobalScope('tree', static function (Builder $query): void {
            $query->where($query->qualifyColumn('tree_id'), app(CurrentTree::class)->id());
        });
        static::creating(static function (self $row): void {
            $row->id ??= (string) Str::uuid7();
            $row->tree_id = app(CurrentTree::class)->id();
        });
        static::created(static fn (self $row) => app(OpenChange::class)->get()->inserted($row));
        static::updating(static function (self $row): void {
            $row->version++;
            app(OpenChange::class)->get()->updating($row);
        });
        static::deleting(static fn (self $row) => app(OpenChange::class)->get()->deleting($row));
    }

    /**
     * What goes with this row: the model and its column.
     *
     * @return list<array{class-string<TreeModel>, string}>
     */
    public static function dependents(): array
    {
        return [];
    }

    /**
     * What only points at this row, and lets go of it when it goes: the model and its column.
     *
     * @return list<array{class-string<TreeModel>, string}>
     */
    public static function nullOnDelete(): array
    {
        return [];
    }

    /** Deletes the row with everything that hangs on it, in the change that is open. */
    public function deleteWhole(): void
    {
        app(OpenChange::class)->get()->deleteWhole($this);
    }

    protected function casts(): array
    {
        return ['written' => 'array'];
    }

    protected function setKeysForSaveQuery($query): Builder
    {
        return $query->where('tree_id', $this->tree_id)->where('id', $this->id);
    }
}
