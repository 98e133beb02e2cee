<?php

declare(strict_types=1);

namespace App\Console;

use App\Refusal;
use App\Trees\Loading\KinNeighbourhood;
use App\Trees\Scope\CurrentTree;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Kin\Kinship;
use NorthBough\Core\Kin\Relationship;

final class KinCommand extends Command
{
    use EntersTree;

    protected $signature = 'bough:kin {tree} {a : @X@, a number or an id} {b} {--json}';

    protected $description = 'Says everything that B is to A, with the paths';

    public function handle(CurrentTree $current, KinNeighbourhood $kin): int
    {
        if (! $this->entered($current)) {
            return self::FAILURE;
        }
        try {
            [$a, $b] = [PersonNamed::find($this->word('a'))->id, PersonNamed::find($this->word('b'))->id];
            $found = Kinship::between($kin->of([$a, $b]), $a, $b);
        } catch (Refusal $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }
        $numbers = $this->numbers($current, $found);
        $kin = array_map(static fn (Relationship $r): array => [
            'term' => $r->term,
            'kind' => $r->kind->value,
            'paths' => ['total' => $r->total, 'listed' => array_map(
                static fn (array $path): array => array_map(static fn (string $id): int => $numbers[$id], $path), $r->paths)],
        ], $found);
        if ($this->option('json')) {
            $this->output->writeln((string) json_encode($kin, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));

            return self::SUCCESS;
        }
        foreach ($kin as $relation) {
            $this->output->writeln("{$relation['term']} ({$relation['kind']}, {$relation['paths']['total']}): "
                .implode(' | ', array_map(static fn (array $p): string => implode(' – ', $p), $relation['paths']['listed'])));
        }
        $this->output->writeln($kin === [] ? 'No relation is known.' : '');

        return self::SUCCESS;
    }

    /**
     * @param  list<Relationship>  $found
     * @return array<string, int> by id
     */
    private function numbers(CurrentTree $current, array $found): array
    {
        $ids = [];
        foreach ($found as $relationship) {
            foreach ($relationship->paths as $path) {
                $ids += array_flip($path);
            }
        }

        return DB::table('people')->where('tree_id', $current->id())->whereIn('id', array_keys($ids))->pluck('number', 'id')->all();
    }
}
