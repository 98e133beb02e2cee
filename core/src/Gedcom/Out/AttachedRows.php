<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Gedcom\Row\GroupRow;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Gedcom\Row\NoteRow;
use NorthBough\Core\Gedcom\Row\OwnKindRow;
use NorthBough\Core\Gedcom\Row\PictureLinkRow;
use NorthBough\Core\Gedcom\Row\QuestionRow;
use NorthBough\Core\Gedcom\Row\RecordRow;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Row\RollRecord;
use NorthBough\Core\Gedcom\Row\TaskRow;

/** The notes, citations, kept lines and the rest that hangs on some rows, by the id of the row that they belong to. */
final readonly class AttachedRows
{
    /**
     * @param  array<string, list<NoteRow>>  $notes
     * @param  array<string, list<ClaimRow>>  $claims
     * @param  array<string, RecordRow>  $records  by their own id
     * @param  array<string, list<KeptRow>>  $kept
     * @param  array<string, list<RoleRow>>  $roles  by event
     * @param  array<string, list<TaskRow|MemberRow|QuestionRow>>  $work  by person
     * @param  array<string, GroupRow>  $groups  by their own id
     * @param  array<string, list<RollRecord>>  $rolls  records that say more than where they stand, by source
     * @param  array<string, OwnKindRow>  $kinds  by their own id
     * @param  array<string, list<PictureLinkRow>>  $pictures
     */
    public function __construct(
        public array $notes = [],
        public array $claims = [],
        public array $records = [],
        public array $kept = [],
        public array $roles = [],
        public array $work = [],
        public array $groups = [],
        public array $rolls = [],
        public array $kinds = [],
        public array $pictures = [],
    ) {
    }
}
