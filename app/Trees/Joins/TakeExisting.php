<?php

declare(strict_types=1);

namespace App\Trees\Joins;

use App\Counted;
use App\Models\Person;
use App\Models\User;
use App\Refusal;
use App\Trees\Exchange\Progress;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/** Of those whom a file brought in, joins whoever was chosen to be somebody who was here already; who was here stays. */
final readonly class TakeExisting
{
    private const WHY = 'Taken for the same when the file was looked at';

    public function __construct(private CurrentTree $current, private JoinPeople $joins)
    {
    }

    /**
     * @param  list<array{pointer: string, personId: string}>  $chosen  pointers of the file that came in last
     * @return string what came of it, in sentences; empty where nobody was chosen
     *
     * @throws \App\Trees\Exchange\Cancelled
     */
    public function run(array $chosen, ?User $user, Progress $progress): string
    {
        $joined = 0;
        $said = [];
        foreach ($chosen as $at => ['pointer' => $pointer, 'personId' => $personId]) {
            $progress->report(98, 'Joining who was here already, '.($at + 1).' of '.count($chosen));
            $kept = Person::query()->find($personId);
            $gone = Person::query()->find($this->broughtIn($pointer));
            if ($kept === null || $gone === null || $kept->id === $gone->id) {
                $said[] = "{$pointer} was not joined: one of the two is not there.";

                continue;
            }
            try {
                $this->joins->join($kept, $gone, [], $user, self::WHY);
                $joined++;
            } catch (Refusal $refusal) {
                $said[] = "{$pointer} was not joined: {$refusal->getMessage()}";
            }
        }

        return $chosen === [] ? '' : implode(' ', [Counted::of($joined, 'person was', 'people were').' joined to who was here.', ...$said]);
    }

    /** @return string the id of whoever came in last under a pointer; empty where nobody did */
    private function broughtIn(string $pointer): string
    {
        return (string) DB::table('file_refs')->where('tree_id', $this->current->id())->where('pointer', $pointer)
            ->whereNotNull('person_id')->orderByDesc('id')->value('person_id');
    }
}
