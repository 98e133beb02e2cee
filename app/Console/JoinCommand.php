<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Person;
use App\Refusal;
use App\Trees\Joins\JoinPeople;
use App\Trees\Joins\PlanTold;
use App\Trees\Scope\CurrentTree;
use Illuminate\Console\Command;

final class JoinCommand extends Command
{
    use EntersTree;

    protected $signature = 'bough:join {tree} {a : @X@, a number or an id} {b} {--keep=A : which of the two stays, A or B}
        {--dry-run : only say what it would do} {--json}';

    protected $description = 'Joins two people who are one, as one change that can be taken apart again';

    public function handle(CurrentTree $current, JoinPeople $joins, PlanTold $told): int
    {
        if (! $this->entered($current)) {
            return self::FAILURE;
        }
        try {
            [$kept, $gone] = $this->sides();
            $plan = $joins->plan($kept, $gone);
            $join = $this->option('dry-run') ? null : $joins->join($kept, $gone, [], null, 'From the command line');
        } catch (Refusal $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }
        if ($this->option('json')) {
            $this->output->writeln((string) json_encode(['join' => $join?->id, 'plan' => $told->asArray($plan)],
                JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));

            return self::SUCCESS;
        }
        foreach ($told->inWords($plan) as $line) {
            $this->output->writeln($line);
        }
        $this->output->writeln($join === null ? 'Nothing was changed.' : "Joined. bough:apart takes it apart again as {$join->id}.");

        return self::SUCCESS;
    }

    /**
     * @return array{Person, Person} who stays and who goes
     *
     * @throws Refusal
     */
    private function sides(): array
    {
        $people = [PersonNamed::find($this->word('a')), PersonNamed::find($this->word('b'))];

        return match (strtoupper($this->word('keep'))) {
            'A' => $people,
            'B' => [$people[1], $people[0]],
            default => throw new Refusal('Say which of the two stays: --keep=A or --keep=B.'),
        };
    }
}
