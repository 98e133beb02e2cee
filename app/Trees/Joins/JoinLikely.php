<?php

declare(strict_types=1);

namespace App\Trees\Joins;

use App\Counted;
use App\Models\Person;
use App\Models\User;
use App\Refusal;
use App\Trees\Doubles\StoredPairs;
use App\Trees\Exchange\Progress;

/** Joins all pairs that are as good as sure, the likeliest first, each as a change of its own that can be taken apart. */
final readonly class JoinLikely
{
    /** From here on hardly anything speaks against two being one. */
    public const SURE = 0.99;

    private const TOLD = 5;

    public function __construct(private StoredPairs $pairs, private JoinPeople $joins, private Joined $joined)
    {
    }

    /**
     * @param  string  $words  of a name of either; empty for everybody
     * @return string what came of it, in sentences
     *
     * @throws \App\Trees\Exchange\Cancelled between two joins
     */
    public function run(string $words, ?User $user, Progress $progress): string
    {
        $pairs = $this->pairs->likely(self::SURE, $words)->get(['a_id', 'b_id']);
        [$joined, $refused] = [0, []];
        foreach ($pairs as $at => $pair) {
            $progress->report(max(0, min(99, intdiv(100 * $at, count($pairs)))), 'Joining, '.($at + 1).' of '.count($pairs));
            // Whoever was joined by a pair before this one is whom they became.
            $people = array_map(fn (string $id): ?Person => Person::query()->find($this->joined->resolve($id)),
                [(string) $pair->a_id, (string) $pair->b_id]);
            [$one, $other] = $people;
            if ($one === null || $other === null || $one->id === $other->id) {
                continue;
            }
            [$kept, $gone] = $one->number < $other->number ? [$one, $other] : [$other, $one];
            try {
                $this->joins->join($kept, $gone, [], $user, 'One of all pairs that were over 99 % likely');
                $joined++;
            } catch (Refusal $refusal) {
                $refused[] = "No. {$kept->number} and no. {$gone->number}: {$refusal->getMessage()}";
            }
        }

        return implode(' ', [Counted::of($joined, 'pair was', 'pairs were').' joined.',
            ...($refused === [] ? [] : [Counted::of(count($refused), 'pair was', 'pairs were').' not.']),
            ...array_slice($refused, 0, self::TOLD)]);
    }
}
