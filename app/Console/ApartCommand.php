<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Join;
use App\Refusal;
use App\Trees\Joins\RowSince;
use App\Trees\Joins\TakeApart;
use App\Trees\Scope\CurrentTree;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

final class ApartCommand extends Command
{
    use EntersTree;

    protected $signature = 'bough:apart {tree} {join : the id that bough:join gave} {--json}';

    protected $description = 'Takes two people apart who were joined; what cannot be told stays, and is listed';

    public function handle(CurrentTree $current, TakeApart $joins): int
    {
        if (! $this->entered($current)) {
            return self::FAILURE;
        }
        try {
            $id = $this->word('join');
            $join = Str::isUuid($id) ? Join::query()->find($id) : null;
            $apart = $joins->run($join ?? throw new Refusal("There is no join {$id} in this tree."), [], null, 'From the command line');
        } catch (Refusal $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }
        $asked = array_map(static fn (RowSince $row): array => ['id' => $row->id, 'says' => $row->says], $apart->asked);
        if ($this->option('json')) {
            $this->output->writeln((string) json_encode(['back' => $apart->backId, 'kept' => $apart->keptId, 'questions' => $asked,
                'remarks' => $apart->remarks], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));

            return self::SUCCESS;
        }
        $this->output->writeln('They are two people again.');
        foreach ([...array_map(static fn (array $row): string => "Whose it is could not be told, and it stayed: {$row['says']}.", $asked),
            ...$apart->remarks] as $line) {
            $this->output->writeln($line);
        }

        return self::SUCCESS;
    }
}
