<?php

declare(strict_types=1);

namespace App\Trees\Families;

use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\TreeModel;
use App\Models\Union;
use App\Models\UnionPartner;
use LogicException;
use NorthBough\Core\Family\Couple;
use NorthBough\Core\Family\FamilyTie;
use NorthBough\Core\Family\ParentSetTie;
use NorthBough\Core\Family\ParentTie;
use NorthBough\Core\Family\Partnership;

/** Ties of a family as rows. A tie that goes to another couple or person has no place in a file any more. */
final readonly class TieRows
{
    /** @return class-string<TreeModel> */
    public static function model(FamilyTie $tie): string
    {
        return match (true) {
            $tie instanceof Couple => Union::class,
            $tie instanceof Partnership => UnionPartner::class,
            $tie instanceof ParentSetTie => ParentSet::class,
            $tie instanceof ParentTie => Parentage::class,
            default => throw new LogicException('A tie of a family is one of four: '.$tie::class.' is none.'),
        };
    }

    /** @return array<string, string|int|bool> */
    public static function columns(FamilyTie $tie): array
    {
        return match (true) {
            $tie instanceof Couple => ['order_by_hand' => $tie->isOrderedByHand],
            $tie instanceof Partnership => ['union_id' => $tie->coupleId, 'person_id' => $tie->personId, 'slot' => $tie->slot->value,
                'position' => $tie->position,
                'standing' => $tie->standing->value],
            $tie instanceof ParentSetTie => ['child_id' => $tie->childId, 'union_id' => $tie->coupleId, 'kind' => $tie->kind->value,
                'leads' => $tie->leads,
                'position' => $tie->position, 'child_ordinal' => $tie->childPlace],
            $tie instanceof ParentTie => ['parent_set_id' => $tie->setId, 'person_id' => $tie->personId, 'kind' => $tie->kind->value,
                'standing' => $tie->standing->value,
                'proof' => $tie->proof->value, 'kind_words' => $tie->kindWords, 'years' => $tie->years],
            default => [],
        };
    }

    /** @return array<string, string|int> what is forgotten of the place that it had in a file */
    public static function moved(FamilyTie $before, FamilyTie $after): array
    {
        return match (true) {
            $before instanceof Partnership && $after instanceof Partnership => match (true) {
                $before->coupleId !== $after->coupleId => ['ordinal' => -1, 'side' => 'both'],
                $before->personId !== $after->personId => ['person_ordinal' => -1],
                default => [],
            },
            $before instanceof ParentSetTie && $after instanceof ParentSetTie
                && [$before->coupleId, $before->childId] !== [$after->coupleId, $after->childId] => [
                    'ordinal' => -1, 'side' => 'both',
                ],
            default => [],
        };
    }
}
