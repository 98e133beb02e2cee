<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Tree\Person;

/** Reports of a whole tree, or of what in it has to do with some people. */
abstract readonly class TreeReport implements Report
{
    public static function subject(): SubjectKind
    {
        return SubjectKind::Tree;
    }

    public function build(Material $material, Subject $subject, string $day): Document
    {
        $people = $material->tree()->lives($subject->ids);
        $names = array_map(static fn (Person $person): string => $person->name()->shown(), array_values($people));
        $title = static::title().($names === [] ? '' : ': '.implode(', ', $names));
        [$blocks, $rows] = $this->tell($material, array_values($subject->ids), $day);

        return new Document($title, "Made with North Bough on {$day}.", [Heading::of(1, $title), ...$blocks], $rows);
    }

    /**
     * @param  list<string>  $personIds  none for everybody
     * @return array{list<Block>, Sheet|null}
     */
    abstract protected function tell(Material $material, array $personIds, string $day): array;
}
