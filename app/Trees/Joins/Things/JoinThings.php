<?php

declare(strict_types=1);

namespace App\Trees\Joins\Things;

use App\Models\Join;
use App\Models\TreeModel;
use App\Models\User;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Joins\MovedRows;
use App\Trees\Joins\Pointing;

/** Joins two places, sources, repositories or files that are one: plans it, and does what was planned as one change set. */
final readonly class JoinThings
{
    public function __construct(private MovedRows $rows, private ChangeSets $changes)
    {
    }

    /** @throws Refusal where they cannot be joined, saying why */
    public function plan(Joinable $kind, string $keptId, string $goneId): ThingPlan
    {
        [$kept, $gone] = $this->both($kind, $keptId, $goneId);
        [$mine, $theirs] = [$kind->told($kept), $kind->told($gone)];
        $moves = [];
        foreach (Pointing::at($kind::model()) as [$model, $column]) {
            $count = $model::query()->where($column, $gone->id)->count();
            $table = (new $model)->getTable();
            $count === 0 || $moves[$table] = ($moves[$table] ?? 0) + $count;
        }

        return new ThingPlan(array_map(static fn (string $label): array => ['label' => $label, 'kept' => $mine[$label] ?? '',
            'gone' => $theirs[$label] ?? ''], array_keys($mine + $theirs)), $moves, $kind->weighs($gone), $kind->remarks($kept, $gone));
    }

    /** @throws Refusal where they cannot be joined, saying why */
    public function join(Joinable $kind, string $keptId, string $goneId, ?User $user, string $why): Join
    {
        [$kept, $gone] = $this->both($kind, $keptId, $goneId);

        return $this->changes->run(
            new Intent($user, "Joined the {$kind::code()} {$kind->shown($gone)} to {$kind->shown($kept)}", $why),
            function (Change $change) use ($kind, $keptId, $goneId): Join {
                [$kept, $gone] = $this->both($kind, $keptId, $goneId);
                $name = $kind->shown($gone);
                $mine = $kind->told($kept);
                $otherwise = array_filter($kind->told($gone), static fn (string $words, string $label): bool => isset($mine[$label])
                    && $mine[$label] !== $words, ARRAY_FILTER_USE_BOTH);
                $this->rows->move($kind::model(), $gone->id, $kept->id);
                $kind->complete($kept, $gone);
                $kept->isDirty() && $kept->save();
                $kind->keepOtherwise($kept, $gone, $otherwise);
                $kind->readAgain($kept);
                $gone->deleteWhole();

                return Join::query()->create([$kind::keptColumn() => $kept->id, 'gone_id' => $gone->id,
                    'choices' => ['set' => $change->id, 'name' => $name]]);
            });
    }

    /**
     * @return array{TreeModel, TreeModel}
     *
     * @throws Refusal
     */
    private function both(Joinable $kind, string $keptId, string $goneId): array
    {
        $model = $kind::model();
        [$kept, $gone] = [$model::query()->findOrFail($keptId), $model::query()->findOrFail($goneId)];
        if ($kept->id === $gone->id) {
            throw new Refusal("It is one {$kind::code()} already.");
        }
        $kind->refuse($kept, $gone);

        return [$kept, $gone];
    }
}
