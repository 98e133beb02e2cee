<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Book;

use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Privacy\ShieldedTree;
use NorthBough\Core\Report\Bibliography;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Contents;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Index;
use NorthBough\Core\Report\Node\NoteList;
use NorthBough\Core\Report\Node\PageBreak;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Plot;
use NorthBough\Core\Report\Node\Section;
use NorthBough\Core\Report\Node\TitlePage;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Report\Reports;
use NorthBough\Core\Report\RunningText;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;

/** A book: title page, contents, chapters out of reports, texts and drawings, notes, bibliography, index. */
final readonly class Book implements Report
{
    public function __construct(
        #[Option('Contents', 'With the chapters and their pages before them')] public bool $contents = true,
        #[Option('Bibliography', 'With all that is cited at the end')] public bool $bibliography = true,
        #[Option('Index of people', 'With the pages on which everybody is named')] public bool $people = true,
        #[Option('Index of places', 'With the pages on which each place is named')] public bool $places = true,
        #[Option('Research notes', 'With the notes for whoever searches on')] public bool $research = false,
    ) {
    }

    public static function code(): string
    {
        return 'book';
    }

    public static function title(): string
    {
        return 'Book';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Book;
    }

    public function build(Material $material, Subject $subject, string $day): Document
    {
        $book = $material->book($subject->id());
        $running = RunningText::begun();
        $within = new ChapterMaterial($material, $running);
        $headings = [];
        $sections = [];
        foreach ($book->chapters as $at => $chapter) {
            [$title, $blocks] = $this->chapter($within, $chapter, $day);
            $headings[] = $heading = Heading::of(1, $title, "chapter-{$at}");
            array_push($sections, new PageBreak, $heading, new Section("c{$at}-", $blocks));
        }
        $end = $this->end($material->tree(), $running, $sections);
        foreach ($end as $block) {
            $headings = match (true) {
                $block instanceof NoteList => [...$headings, Heading::of(1, $block->title, 'notes')],
                $block instanceof Heading && $block->level === 1 => [...$headings, $block],
                default => $headings,
            };
        }

        return new Document($book->title, "Made with North Bough on {$day}.", [
            new TitlePage($book->title, $book->subtitle, $book->author, $day),
            ...$this->contents && $headings !== [] ? [new Contents('Contents', $headings)] : [],
            ...$sections, ...$end,
        ]);
    }

    /** @return array{string, list<Block>} what it is called, and what it tells */
    private function chapter(ChapterMaterial $material, Chapter $chapter, string $day): array
    {
        try {
            if ($chapter->kind === ChapterKind::Drawing) {
                $scene = $material->drawing($chapter->subject);

                // A chapter that is called as its drawing needs no caption.
                return $chapter->title === '' ? [$scene->title, [new Plot($scene, '', $scene->title)]]
                    : [$chapter->title, [new Plot($scene, $scene->title, '')]];
            }
            $report = $chapter->kind === ChapterKind::Text ? new LifeInProse($this->research)
                : Reports::named($chapter->code, $chapter->options);
            $document = $report->build($material, Subject::read($report::subject(), $chapter->subject), $day);
        } catch (SubjectMissing $gone) {
            return [$chapter->title === '' ? 'A chapter that is missing' : $chapter->title, [Paragraph::faint($gone->getMessage())]];
        }
        $first = $document->blocks[0] ?? null;

        return [$chapter->title === '' ? $document->title : $chapter->title,
            $first instanceof Heading && $first->level === 1 ? array_slice($document->blocks, 1) : $document->blocks];
    }

    /**
     * @param  list<Block>  $sections
     * @return list<Block>
     */
    private function end(TreeView $tree, RunningText $running, array $sections): array
    {
        $blocks = [];
        if ($running->notes->notes() !== []) {
            array_push($blocks, new PageBreak, new NoteList('Notes', $running->notes->notes(), 1));
            if ($this->bibliography) {
                $entries = array_slice(Bibliography::of($running->notes->sources()), 1);
                array_push($blocks, new PageBreak, Heading::of(1, 'Bibliography', 'bibliography'), ...$entries);
            }
        }
        $people = $this->people ? self::peopleOf($tree, (new Document('', '', $sections))->personIds()) : [];
        $places = $this->places ? $running->places->named() : [];
        asort($places, SORT_NATURAL | SORT_FLAG_CASE);
        foreach ([['Index of people', 'people', 'person', $people], ['Index of places', 'places', 'place', $places]] as [$title, $name,
            $style, $entries]) {
            if ($entries !== []) {
                array_push($blocks, new PageBreak, Heading::of(1, $title, "index-of-{$name}"), new Index('', $style, $entries));
            }
        }

        return $blocks;
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, string> the name as an index has it, with the years, by person
     */
    private static function peopleOf(TreeView $tree, array $ids): array
    {
        $entries = [];
        foreach ($tree->lives($ids) as $id => $person) {
            // Who is withheld has no name by which anybody could look them up.
            if ($person->name()->shown() !== ShieldedTree::WORD) {
                $entries[(string) $id] = trim("{$person->name()->filed()} ".self::years($person));
            }
        }
        asort($entries, SORT_NATURAL | SORT_FLAG_CASE);

        return $entries;
    }

    private static function years(Person $person): string
    {
        $years = LifeYears::shown($person);

        return $years === '' ? '' : "({$years})";
    }
}
