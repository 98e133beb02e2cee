<?php

declare(strict_types=1);

namespace App\Trees\Joins;

use App\Models\Join;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Who or what was joined to another answers to the old id and number all the same. */
final readonly class Joined
{
    /** Joins after joins; more than these are no forest. */
    private const DEPTH = 50;

    /** Columns of which one names what was kept. */
    private const KEPT = ['kept_person_id', 'kept_place_id', 'kept_source_id', 'kept_repository_id', 'kept_media_id'];

    public function __construct(private CurrentTree $current)
    {
    }

    /** @return string the id of whom or what something became, or its own */
    public function resolve(string $id): string
    {
        for ($depth = 0; $depth < self::DEPTH; $depth++) {
            $kept = DB::table('joins')->where('tree_id', $this->current->id())->where('gone_id', $id)->whereNull('apart_by')
                ->orderByDesc('id')->selectRaw('coalesce('.implode(', ', self::KEPT).') AS kept')->value('kept');
            if ($kept === null) {
                break;
            }
            $id = (string) $kept;
        }

        return $id;
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, string> by each of them that became another: the id it has now
     */
    public function resolveAll(array $ids): array
    {
        $now = [];
        $open = array_combine($ids, $ids);
        for ($depth = 0; $open !== [] && $depth < self::DEPTH; $depth++) {
            $kept = DB::table('joins')->where('tree_id', $this->current->id())->whereIn('gone_id', array_values(array_unique($open)))
                ->whereNull('apart_by')->orderBy('id')->selectRaw('gone_id, coalesce('.implode(', ', self::KEPT).') AS kept')
                ->pluck('kept', 'gone_id')->all();
            $open = array_filter(array_map(static fn (string $id): string => (string) ($kept[$id] ?? ''), $open),
                static fn (string $id): bool => $id !== '');
            $now = [...$now, ...$open];
        }

        return $now;
    }

    /**
     * @param  array<array-key, mixed>  $stored
     * @return list<string> every id that it names, however deep, each once
     */
    public static function idsIn(array $stored): array
    {
        $ids = [];
        array_walk_recursive($stored, static function (mixed $value) use (&$ids): void {
            if (is_string($value) && Str::isUuid($value)) {
                $ids[$value] = true;
            }
        });

        return array_map(strval(...), array_keys($ids));
    }

    /** @return string the id of what was kept, or of what that became since */
    public function kept(Join $join): string
    {
        foreach (self::KEPT as $column) {
            if ($join->getAttribute($column) !== null) {
                return $this->resolve((string) $join->getAttribute($column));
            }
        }
        throw new \LogicException("The join {$join->id} names nothing that was kept.");
    }

    /** @return string the id of whoever a number became; empty where nobody who went had it */
    public function byNumber(int $number): string
    {
        $gone = DB::table('joins')->where('tree_id', $this->current->id())->where('gone_number', $number)->whereNull('apart_by')
            ->orderByDesc('id')->value('gone_id');

        return $gone === null ? '' : $this->resolve((string) $gone);
    }
}
