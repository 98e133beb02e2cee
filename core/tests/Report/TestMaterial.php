<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Report;

use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Kin\Numbering\CountedLines;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Kin\Numbering\Lines;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Report\Book\BoundBook;
use NorthBough\Core\Report\Book\ToldText;
use NorthBough\Core\Report\Lists as ReportLists;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Records\TranscribedRecord;
use NorthBough\Core\Report\Research\ProvedQuestion;
use NorthBough\Core\Report\RunningText;
use NorthBough\Core\Tree\TreeView;

/** What a test of reports lays out itself. */
final readonly class TestMaterial implements Material
{
    /**
     * @param  array<string, TranscribedRecord>  $records
     * @param  array<string, ProvedQuestion>  $questions
     * @param  array<string, ToldText>  $texts
     * @param  array<string, BoundBook>  $books
     */
    public function __construct(private TreeView $tree, private array $records = [], private array $questions = [],
        private ReportLists $lists = new TestLists, private array $texts = [], private array $books = [],
        private int $most = PHP_INT_MAX)
    {
    }

    public function tree(): TreeView
    {
        return $this->tree;
    }

    public function running(): RunningText
    {
        return RunningText::begun();
    }

    public function lines(LineChoice $choice): Lines
    {
        return CountedLines::ofTree($this->tree, $choice);
    }

    public function most(): int
    {
        return $this->most;
    }

    public function lists(): ReportLists
    {
        return $this->lists;
    }

    public function record(string $id): TranscribedRecord
    {
        return $this->records[$id] ?? throw SubjectMissing::of(SubjectKind::Record);
    }

    public function text(string $id): ToldText
    {
        return $this->texts[$id] ?? throw SubjectMissing::of(SubjectKind::Text);
    }

    public function drawing(string $id): Scene
    {
        throw SubjectMissing::of(SubjectKind::Set);
    }

    public function book(string $id): BoundBook
    {
        return $this->books[$id] ?? throw SubjectMissing::of(SubjectKind::Book);
    }

    public function question(string $id): ProvedQuestion
    {
        return $this->questions[$id] ?? throw SubjectMissing::of(SubjectKind::Question);
    }
}
