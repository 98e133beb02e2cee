<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Presentation\Presented;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectMissing;

/** One kind of report, made with its options: tells its subject as a document. */
interface Report extends Presented
{
    /**
     * @param  string  $day  on which it is made, in words
     *
     * @throws SubjectMissing
     */
    public function build(Material $material, Subject $subject, string $day): Document;
}
