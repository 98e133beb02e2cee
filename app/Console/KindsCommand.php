<?php

declare(strict_types=1);

namespace App\Console;

use App\Trees\Kinds\TreeRecordKinds;
use App\Trees\Scope\CurrentTree;
use Illuminate\Console\Command;
use NorthBough\Core\Record\Column;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Role;

final class KindsCommand extends Command
{
    use EntersTree;

    protected $signature = 'bough:kinds {tree? : with the kinds of its own} {--json}';

    protected $description = 'Lists the kinds of record, with their roles and columns';

    public function handle(CurrentTree $current, TreeRecordKinds $own): int
    {
        $kinds = array_values(RecordKinds::all());
        if ($this->word('tree') !== '') {
            if (! $this->entered($current)) {
                return self::FAILURE;
            }
            $kinds = $own->all();
        }
        if ($this->option('json')) {
            $this->output->writeln(
                (string) json_encode(array_map(self::described(...), $kinds), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));

            return self::SUCCESS;
        }
        foreach ($kinds as $kind) {
            $this->output->writeln("{$kind->code}  {$kind->name}");
            $this->output->writeln('    roles: '.implode(', ', array_map(static fn (Role $role): string => $role->code, $kind->roles)));
            $this->output->writeln('    columns: '
                .implode(', ', array_map(static fn (Column $column): string => $column->code, $kind->columns)));
        }

        return self::SUCCESS;
    }

    /**
     * @return array{kind: string, name: string, event: string, roles: list<array<string, mixed>>,
     *     columns: list<array<string, mixed>>, heads: list<array<string, mixed>>}
     */
    private static function described(RecordKind $kind): array
    {
        return [
            'kind' => $kind->code, 'name' => $kind->name, 'event' => $kind->event,
            'roles' => array_map(static fn (Role $role): array => ['code' => $role->code] + $role->toArray(), $kind->roles),
            'columns' => array_map(static fn (Column $column): array => $column->toArray(), $kind->columns),
            'heads' => array_map(static fn (Column $column): array => $column->toArray(), $kind->heads),
        ];
    }
}
