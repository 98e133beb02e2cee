<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Boxes\BoxContents;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Cast\Gathering;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Layered\LayeredBoxes;
use NorthBough\Core\Drawing\Layered\PartnerOrder;
use NorthBough\Core\Drawing\Layered\SiblingOrder;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Tree\TreeView;

/** The descendants of one person, with whom they were a couple. */
final readonly class DescendantDrawing implements Drawing
{
    use DrawnInBoxes;

    /** @param  int<1, 12>  $generations */
    public function __construct(
        #[Option('Generations', 'How many generations are drawn, with the person at the start', 1, 12)] public int $generations = 5,
        #[Option('Reads', 'Whether children stand to the right of their parents or below them')]
        public DescendantWay $way = DescendantWay::Right,
        public BoxContents $contents = new BoxContents,
    ) {
    }

    public static function code(): string
    {
        return 'descendants';
    }

    public static function title(): string
    {
        return 'Descendants';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Person;
    }

    public function lay(TreeView $tree, Subject $subject, ?Handwork $handwork = null): BoxLayout
    {
        $handwork ??= Handwork::none();
        $gathering = new Gathering($tree, $handwork);
        $gathering->down([$subject->id()], $this->generations - 1);
        $cast = $gathering->cast([$subject->id()]);

        return LayeredBoxes::of("Descendants of {$cast->nameOfSubjects()}", $cast, $this->way->direction(),
            $this->way === DescendantWay::Right ? PartnerOrder::After : PartnerOrder::Around, SiblingOrder::Kept, $this->contents,
            $handwork);
    }
}
