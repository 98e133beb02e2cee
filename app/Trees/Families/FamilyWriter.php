<?php

declare(strict_types=1);

namespace App\Trees\Families;

use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Union;
use App\Models\UnionPartner;
use App\Refusal;
use LogicException;
use NorthBough\Core\Family\Change\Added;
use NorthBough\Core\Family\Change\Changed;
use NorthBough\Core\Family\Change\Merged;
use NorthBough\Core\Family\Change\Removed;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\FamilyGraph;
use NorthBough\Core\Family\FamilyRefused;
use NorthBough\Core\Family\FamilyTie;
use NorthBough\Core\Family\NewIds;
use NorthBough\Core\Family\TieChange;
use NorthBough\Core\Family\TieChanges;

/** Works out commands about families on what is stored, and stores what they change. It decides nothing. */
final readonly class FamilyWriter
{
    public function __construct(private FamilyLoader $loader, private NewIds $ids)
    {
    }

    /**
     * What a command would change, and the graph before it; nothing is written.
     *
     * @return array{FamilyGraph, TieChanges}
     *
     * @throws Refusal where it cannot be
     */
    public function plan(FamilyCommand $command): array
    {
        $graph = $this->loader->around($command->reach());
        try {
            return [$graph, $command->on(new FamilyDraft($graph, $this->ids))];
        } catch (FamilyRefused $refused) {
            throw new Refusal($refused->getMessage(), $refused->problem->isConflict() ? 409 : 422);
        }
    }

    /**
     * Does what a command changes. Called inside an open change set.
     *
     * @throws Refusal where it cannot be
     */
    public function run(FamilyCommand $command): TieChanges
    {
        [, $changes] = $this->plan($command);
        foreach ($changes->changes as $change) {
            $this->apply($change);
        }

        return $changes;
    }

    /** The couple that a command was about, once it is done. */
    public function couple(FamilyCommand $command): Union
    {
        return Union::query()->findOrFail($this->run($command)->coupleId);
    }

    private function apply(TieChange $change): void
    {
        match (true) {
            $change instanceof Added => TieRows::model($change->tie)::query()
                ->create(['id' => $change->tie->key(), ...TieRows::columns($change->tie)]),
            $change instanceof Changed => $this->change($change->before, $change->after),
            $change instanceof Removed => TieRows::model($change->tie)::query()->where('id', $change->tie->key())->firstOrFail()
                ->deleteWhole(),
            $change instanceof Merged => $this->merge($change->gone, $change->into),
            default => throw new LogicException('A change to a family that nobody stores: '.$change::class),
        };
    }

    private function change(FamilyTie $before, FamilyTie $after): void
    {
        TieRows::model($after)::query()->where('id', $after->key())->firstOrFail()
            ->fill([...TieRows::columns($after), ...TieRows::moved($before, $after)])->save();
    }

    /** What is told of a tie goes to the other; its own ties have gone before. */
    private function merge(FamilyTie $gone, FamilyTie $into): void
    {
        $class = TieRows::model($gone);
        foreach ($class::dependents() as [$model, $column]) {
            foreach (in_array($model, [UnionPartner::class, ParentSet::class, Parentage::class], true) ? [] : $model::query()
                ->where($column, $gone->key())->get() as $row) {
                $row->fill([$column => $into->key()])->save();
            }
        }
        $class::query()->where('id', $gone->key())->firstOrFail()->deleteWhole();
    }
}
