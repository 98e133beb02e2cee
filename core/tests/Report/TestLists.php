<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Report;

use NorthBough\Core\Report\Lists;
use NorthBough\Core\Report\Records\ListedSource;
use NorthBough\Core\Report\Research\ListedFinding;
use NorthBough\Core\Report\Research\ListedQuestion;
use NorthBough\Core\Report\Research\ListedTask;
use NorthBough\Core\Report\Research\LoggedSearch;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** Lists that a test of reports lays out itself. */
final readonly class TestLists implements Lists
{
    /**
     * @param  list<ListedSource>  $sources
     * @param  list<ListedTask>  $tasks
     * @param  list<LoggedSearch>  $searches
     * @param  list<ListedQuestion>  $questions
     * @param  list<ListedFinding>  $findings
     * @param  list<Person>  $people
     * @param  list<Union>  $couples
     */
    public function __construct(
        private array $sources = [],
        private array $tasks = [],
        private array $searches = [],
        private array $questions = [],
        private array $findings = [],
        private array $people = [],
        private array $couples = [],
    ) {
    }

    public function sources(array $personIds): array
    {
        return $this->sources;
    }

    public function tasks(array $personIds): array
    {
        return $this->tasks;
    }

    public function searches(array $personIds): array
    {
        return $this->searches;
    }

    public function questions(array $personIds): array
    {
        return $this->questions;
    }

    public function findings(array $personIds): array
    {
        return $this->findings;
    }

    public function everybody(array $personIds): iterable
    {
        return $this->people;
    }

    public function couples(array $personIds): iterable
    {
        return $this->couples;
    }
}
