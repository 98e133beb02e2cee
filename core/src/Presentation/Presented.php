<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

/** A kind of drawing or report. Its options are the parameters of its constructor, each with an Option. */
interface Presented
{
    /** In addresses and on the command line. */
    public static function code(): string;

    public static function title(): string;

    public static function subject(): SubjectKind;
}
