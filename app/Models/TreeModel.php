<?php

declare(strict_types=1);

namespace App\Models;

use App\Trees\Changes\Change;
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

    /** Id of the change set in which the row was fetched or made; empty where it was fetched outside of one. */
    private string $fetchedIn = '';

    protected static function booted(): void
    {
        static::addGlobalScope('tree', static function (Builder $query): void {
            $query->where($query->qualifyColumn('tree_id'), app(CurrentTree::class)->id());
        });
        static::creating(static function (self $row): void {
            $row->id ??= (string) Str::uuid7();
            $row->tree_id = app(CurrentTree::class)->id();
        });
        static::created(static function (self $row): void {
            $change = app(OpenChange::class)->get();
            $row->fetchedIn = $change->id;
            $change->inserted($row);
        });
        static::updating(static function (self $row): void {
            $row->version++;
            $row->openChange()->updating($row);
        });
        static::deleting(static fn (self $row) => $row->openChange()->deleting($row));
    }

    public function newFromBuilder($attributes = [], $connection = null): static
    {
        $row = parent::newFromBuilder($attributes, $connection);
        $row->fetchedIn = app(OpenChange::class)->id();

        return $row;
    }

    public function refresh(): static
    {
        parent::refresh();
        $this->fetchedIn = app(OpenChange::class)->id();

        return $this;
    }

    /**
     * The change set that writes this row. It holds the lock of the tree, so only what was fetched inside it is known to
     * be as it stands.
     *
     * @throws \LogicException when the row was fetched before
     */
    private function openChange(): Change
    {
        $change = app(OpenChange::class)->get();
        if ($this->fetchedIn !== $change->id) {
            throw new \LogicException(
                "A row of {$this->getTable()} is written that was fetched before its change set was open; somebody may have changed it "
                    .'meanwhile.');
        }

        return $change;
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

    protected function setKeysForSelectQuery($query): Builder
    {
        return $this->setKeysForSaveQuery($query);
    }
}
