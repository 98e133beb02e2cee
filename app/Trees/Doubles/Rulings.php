<?php

declare(strict_types=1);

namespace App\Trees\Doubles;

use App\Models\PairRuling;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/** What was ruled on pairs: remembered by the pair, whichever of the two is told first. */
final readonly class Rulings
{
    public const RULE = 'double';

    public function __construct(private CurrentTree $current)
    {
    }

    /** By which a ruling on two is found again. */
    public static function hash(string $id, string $otherId): string
    {
        return md5(min($id, $otherId).' '.max($id, $otherId));
    }

    /** What was ruled on two; null for nothing. */
    public function of(string $id, string $otherId): ?PairRuling
    {
        return PairRuling::query()->where('rule', self::RULE)->where('read_hash', self::hash($id, $otherId))->first();
    }

    /** Rules on two people; called inside an open change set. What was ruled before is replaced. */
    public function rule(string $id, string $otherId, Ruling $ruling, string $reason): PairRuling
    {
        $row = $this->of($id, $otherId) ?? new PairRuling(['rule' => self::RULE, 'subjects' => [min($id, $otherId), max($id, $otherId)],
            'read_hash' => self::hash($id, $otherId)]);
        $row->fill(['ruling' => $ruling->value, 'reason' => $reason])->save();

        return $row;
    }

    /** @return list<array{string, string}> pairs that were ruled to be two people */
    public function apart(): array
    {
        $pairs = [];
        foreach (DB::table('pair_rulings')->where('tree_id', $this->current->id())->where('rule', self::RULE)
            ->where('ruling', Ruling::Different->value)->pluck('subjects') as $subjects) {
            $pairs[] = json_decode($subjects, true);
        }

        return $pairs;
    }
}
