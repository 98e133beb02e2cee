<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Research;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Entry;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Sheet;
use NorthBough\Core\Report\TreeReport;

/** What is to be done, by whom or what it is about. */
final readonly class TaskList extends TreeReport
{
    public function __construct(#[Option('Done', 'With what is done already')] public bool $done = false)
    {
    }

    public static function code(): string
    {
        return 'tasks';
    }

    public static function title(): string
    {
        return 'Tasks';
    }

    protected function tell(Material $material, array $personIds, string $day): array
    {
        $tasks = array_values(array_filter($material->lists()->tasks($personIds), fn (ListedTask $task): bool => $this->done
            || ! $task->isDone));
        $groups = [];
        foreach ($tasks as $task) {
            $groups[$task->about][] = $task;
        }
        ksort($groups, SORT_NATURAL | SORT_FLAG_CASE);
        $blocks = $tasks === [] ? [Paragraph::faint('Nothing is to be done.')] : [];
        foreach ($groups as $about => $ones) {
            $blocks[] = Heading::of(2, (string) $about === '' ? 'About nobody in particular' : (string) $about);
            foreach ($ones as $task) {
                $blocks[] = new Entry($task->isDone ? '☑' : '☐', [StyledWords::plain($task->text),
                    ...$task->isDone ? [StyledWords::faint(' (done)')] : []]);
            }
        }

        return [$blocks, new Sheet(['task', 'about', 'done'], array_map(
            static fn (ListedTask $task): array => [$task->text, $task->about, $task->isDone ? 'yes' : ''], $tasks))];
    }
}
