<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Boxes\BoxContents;
use NorthBough\Core\Drawing\Boxes\BoxLine;
use NorthBough\Core\Drawing\Fan\FanSetting;
use NorthBough\Core\Drawing\Fan\Seating;
use NorthBough\Core\Drawing\Fan\Sweep;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Tree\TreeView;

/** The ancestors of one person in rings about them. */
final readonly class FanDrawing implements Drawing
{
    /**
     * @param  int<1, 9>  $generations
     * @param  list<BoxLine>  $lines
     */
    public function __construct(
        #[Option('Generations', 'How many generations are drawn, with the person in the middle', 1, 9)] public int $generations = 5,
        #[Option('Goes round', 'How far round the fan goes')] public Sweep $sweep = Sweep::ThreeQuarters,
        #[Option('Marks', 'Whoever sits in several places is marked in each')] public bool $marks = true,
        #[Option('In a seat', 'What is read aloud beneath a name, in this order', of: BoxLine::class)]
        public array $lines = [BoxLine::Birth, BoxLine::Death],
        #[Option('Evidence', 'The inner edge of a seat tells how its facts are backed')] public bool $evidence = true,
        #[Option('What waits', 'Open questions, names of records not placed, several sets of parents, counted in the seat')]
        public bool $waiting = true,
    ) {
    }

    public static function code(): string
    {
        return 'fan';
    }

    public static function title(): string
    {
        return 'Fan of ancestors';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Person;
    }

    public function draw(TreeView $tree, Subject $subject, ?Handwork $handwork = null): Scene
    {
        $handwork ??= Handwork::none();
        $seats = Seating::of($tree, $subject->id(), $this->generations, $handwork);
        $title = $handwork->title === '' ? "Ancestors of {$seats[0]->person->name()->shown()}" : $handwork->title;

        return FanSetting::scene($title, $seats, $this->sweep, new BoxContents($this->lines, $this->evidence, $this->waiting),
            $this->marks);
    }
}
