<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Book;

/** Of what a chapter of a book is made. */
enum ChapterKind: string
{
    case Report = 'report';
    case Text = 'text';
    case Drawing = 'drawing';
}
