<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Report\Records\ListedSource;
use NorthBough\Core\Report\Research\ListedFinding;
use NorthBough\Core\Report\Research\ListedQuestion;
use NorthBough\Core\Report\Research\ListedTask;
use NorthBough\Core\Report\Research\LoggedSearch;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** What a tree holds besides its people, and everybody one after another. Nobody named means all of it. */
interface Lists
{
    /**
     * @param  list<string>  $personIds  cited of any of them
     * @return list<ListedSource>
     */
    public function sources(array $personIds): array;

    /**
     * @param  list<string>  $personIds
     * @return list<ListedTask>
     */
    public function tasks(array $personIds): array;

    /**
     * @param  list<string>  $personIds
     * @return list<LoggedSearch> the last first
     */
    public function searches(array $personIds): array;

    /**
     * @param  list<string>  $personIds
     * @return list<ListedQuestion> those first that nobody settled
     */
    public function questions(array $personIds): array;

    /**
     * @param  list<string>  $personIds
     * @return list<ListedFinding> the worst first
     */
    public function findings(array $personIds): array;

    /**
     * @param  list<string>  $personIds
     * @return iterable<Person>
     */
    public function everybody(array $personIds): iterable;

    /**
     * @param  list<string>  $personIds  a partner in them
     * @return iterable<Union>
     */
    public function couples(array $personIds): iterable;
}
