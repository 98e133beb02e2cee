<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

/** What is written into a field of a source. */
enum FieldKind: string
{
    case Text = 'text';
    case Date = 'date';
    case Place = 'place';
    case Person = 'person';
    case Number = 'number';
    case Link = 'link';
}
