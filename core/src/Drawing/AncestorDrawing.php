<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Boxes\BoxContents;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Cast\Gathering;
use NorthBough\Core\Drawing\Cast\ParentSets;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Layered\LayeredBoxes;
use NorthBough\Core\Drawing\Layered\PartnerOrder;
use NorthBough\Core\Drawing\Layered\SiblingOrder;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Tree\TreeView;

/** The ancestors of one person, each once; lines that meet in somebody run there. */
final readonly class AncestorDrawing implements Drawing
{
    use DrawnInBoxes;

    /** @param  int<1, 12>  $generations */
    public function __construct(
        #[Option('Generations', 'How many generations are drawn, with the person at the start', 1, 12)] public int $generations = 5,
        #[Option('Reads',
            'Whether parents stand to the right of their children or above them')] public AncestorWay $way = AncestorWay::Right,
        #[Option('Parents', 'Whether all sets of parents are drawn or only those that lead')] public ParentSets $parents = ParentSets::All,
        public BoxContents $contents = new BoxContents,
    ) {
    }

    public static function code(): string
    {
        return 'ancestors';
    }

    public static function title(): string
    {
        return 'Ancestors';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Person;
    }

    public function lay(TreeView $tree, Subject $subject, ?Handwork $handwork = null): BoxLayout
    {
        $handwork ??= Handwork::none();
        $gathering = new Gathering($tree, $handwork, $this->parents);
        $gathering->up([$subject->id()], $this->generations - 1);
        $cast = $gathering->cast([$subject->id()]);

        return LayeredBoxes::of("Ancestors of {$cast->nameOfSubjects()}", $cast, $this->way->direction(), PartnerOrder::Around,
            SiblingOrder::Kept,
            $this->contents, $handwork);
    }
}
