<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Kin\Numbering\Descendant;
use NorthBough\Core\Kin\Numbering\NumberSystem;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Entry;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Report\ShortLife;

/** Descendants as an outline, each child set in beneath its parent, with the numbers of one system. */
abstract readonly class Outline implements Report
{
    final public function __construct(public DescentOptions $options = new DescentOptions)
    {
    }

    abstract protected static function system(): NumberSystem;

    public static function code(): string
    {
        return static::system()::code();
    }

    public static function title(): string
    {
        return static::system()::title().' numbers';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Line;
    }

    public function build(Material $material, Subject $subject, string $day): Document
    {
        $line = LineOfDescent::of($material, $subject, static::system(), $this->options);
        $short = new ShortLife($line->kin, $line->running->places, $line->marks(...));
        $blocks = [Heading::of(1, $line->title), Paragraph::faint($line->preface($day))];
        foreach ($line->descent->list as $at => $one) {
            if ($line->isTold($at)) {
                $blocks[] = $this->entry($line, $short, $one, $at);
            }
        }

        return new Document($line->title, "Made with North Bough on {$day}.", $blocks, $line->sheet(), $line->running->apparatus(),
            $line->left(), $line->namedLater());
    }

    private function entry(LineOfDescent $line, ShortLife $short, Descendant $one, int $at): Entry
    {
        $person = $line->person($one->personId);
        $mark = $one->number.($one->isProvisional ? '?' : '');
        $words = match (true) {
            $person === null => [StyledWords::faint('Somebody who is not shown.')],
            $one->firstAt !== $at => [StyledWords::person($person->name()->shown(), $person->id), StyledWords::plain(': told at '),
                StyledWords::link($line->descent->list[$one->firstAt]->number, LineOfDescent::anchor($one->firstAt)),
                StyledWords::plain('.')],
            default => $short->of($person),
        };

        return new Entry($mark, [...TieWords::of($one->tie), ...$words], max(0, $one->generation - 1), LineOfDescent::anchor($at));
    }
}
