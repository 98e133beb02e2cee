<?php

declare(strict_types=1);

/*
 * How long a drawing takes to be laid out, and how that grows:
 *     php bench/drawings.php
 * A founding couple with three children a couple, drawn whole in each way that has boxes; seconds, and how many times those of
 * half as many boxes. Nothing is stored.
 */

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Drawing\DescendantDrawing;
use NorthBough\Core\Drawing\DescendantWay;
use NorthBough\Core\Drawing\KindredDrawing;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Snapshot;
use NorthBough\Core\Tree\Union;

require __DIR__.'/../vendor/autoload.php';

$family = static function (int $size): Snapshot {
    $people = $unions = $sets = [];
    $person = static function (string $given, string $surname, Sex $sex) use (&$people): string {
        $id = 'p'.count($people);
        $events = array_map(static fn (string $kind): Event => new Event("{$kind} {$id}", $kind, '', '', GenDate::parse('14 June 1851'),
            'Hask',
            false, []), ['birth', 'death']);
        $people[] = new Person($id, count($people) + 1, $sex,
            [new Name("n {$id}", NameKind::Birth, PersonalName::of($given, $surname))], $events);

        return $id;
    };
    for ($row = [$person('Ewan', 'Tarrel', Sex::Male)]; count($people) < $size; $row = $next) {
        $next = [];
        foreach ($row as $father) {
            if (count($people) >= $size) {
                break;
            }
            $mother = $person('Keziah', 'Osk', Sex::Female);
            $children = [$person('Magnus', 'Tarrel', Sex::Male), $person('Silvan', 'Tarrel', Sex::Male), $person('Una', 'Tarrel',
                Sex::Female)];
            $unions[] = new Union("u {$father}", [$father, $mother], [], $children);
            foreach ($children as $child) {
                $sets[] = new ParentSet("s {$child}", $child, "u {$father}", true,
                    [new Parentage($father, ParentageKind::Birth), new Parentage($mother, ParentageKind::Birth)]);
            }
            array_push($next, ...$children);
        }
    }

    return new Snapshot($people, $unions, $sets);
};

$drawings = ['descendants to the right' => new DescendantDrawing(12), 'descendants downward' => new DescendantDrawing(12,
    DescendantWay::Down),
    'kindred' => new KindredDrawing(0, 8)];
foreach ($drawings as $name => $drawing) {
    $before = 0.0;
    foreach ([1250, 2500, 5000] as $size) {
        $tree = $family($size);
        $begun = microtime(true);
        $layout = $drawing->lay($tree, Subject::people(['p0']));
        $seconds = microtime(true) - $begun;
        echo json_encode(['part' => 'drawings', 'what' => $name, 'boxes' => count($layout->boxes), 'crossings' => $layout->crossings,
            'seconds' => round($seconds, 2), 'times half as many' => $before > 0 ? round($seconds / $before, 2) : null]), "\n";
        $before = $seconds;
    }
}
