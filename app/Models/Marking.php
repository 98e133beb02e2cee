<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * A mark put on something.
 *
 * @property string $mark_id
 * @property string|null $person_id
 * @property string $why
 */
#[DescribedBy(MemberRow::class)]
#[Column('mark_id', isSafe: true)]
#[Column('union_id', isSafe: true)]
#[Column('event_id', isSafe: true)]
#[Column('source_id', isSafe: true)]
#[Column('place_id', isSafe: true)]
#[Column('why')]
final class Marking extends TreeModel
{
    protected $table = 'markings';
}
