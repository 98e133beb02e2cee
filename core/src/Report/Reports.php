<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Presentation\Kinds;
use NorthBough\Core\Presentation\Options;
use NorthBough\Core\Presentation\UnknownKind;
use NorthBough\Core\Presentation\WrongOption;
use NorthBough\Core\Report\Book\Book;
use NorthBough\Core\Report\Book\LifeInProse;
use NorthBough\Core\Report\Lines\AncestorList;
use NorthBough\Core\Report\Lines\DabovilleOutline;
use NorthBough\Core\Report\Lines\HenryOutline;
use NorthBough\Core\Report\Lines\ModifiedRegister;
use NorthBough\Core\Report\Lines\Register;
use NorthBough\Core\Report\Lines\VilliersPamaOutline;
use NorthBough\Core\Report\People\FamilyGroupSheet;
use NorthBough\Core\Report\People\KinshipList;
use NorthBough\Core\Report\People\PersonReport;
use NorthBough\Core\Report\Records\CensusHousehold;
use NorthBough\Core\Report\Records\RecordTranscript;
use NorthBough\Core\Report\Records\SourceList;
use NorthBough\Core\Report\Research\FindingList;
use NorthBough\Core\Report\Research\ProofSummary;
use NorthBough\Core\Report\Research\QuestionList;
use NorthBough\Core\Report\Research\ResearchLog;
use NorthBough\Core\Report\Research\TaskList;
use NorthBough\Core\Report\WholeTree\Anniversaries;
use NorthBough\Core\Report\WholeTree\Statistics;

/** Every kind of report. A new one is one file and one line here. */
final class Reports
{
    /** @return Kinds<Report> */
    public static function kinds(): Kinds
    {
        return new Kinds('report', [
            PersonReport::class, FamilyGroupSheet::class, AncestorList::class, Register::class, ModifiedRegister::class,
            DabovilleOutline::class, HenryOutline::class, VilliersPamaOutline::class, KinshipList::class,
            CensusHousehold::class, RecordTranscript::class, SourceList::class, ResearchLog::class, TaskList::class, QuestionList::class,
            ProofSummary::class, FindingList::class, Anniversaries::class, Statistics::class,
            LifeInProse::class, Book::class,
        ]);
    }

    /**
     * @param  array<string, string>  $options  by name, as words; what is not given is as usual
     *
     * @throws UnknownKind
     * @throws WrongOption
     */
    public static function named(string $code, array $options = []): Report
    {
        return Options::make(self::kinds()->named($code), $options);
    }
}
