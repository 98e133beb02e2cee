<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Described;

/**
 * What a file says, as rows of the model: public properties are columns, ids are made by whoever reads the file.
 *
 * Every row that has an `ordinal` keeps its place among its siblings in the file; -1 for one that came from no file.
 * `written` keeps, for each single line beneath it, its place and payload as the file had them:
 * tag path => [ordinal, payload]. `changedAt` of a record is when it was last changed here; null while it stands as its
 * file had it.
 */
interface Row extends Described
{
}
