<?php

declare(strict_types=1);

namespace NorthBough\Core\Claim;

/** What an informant knew of one aspect of what they told. Nobody is a primary informant of their own birth. */
enum Information: string
{
    case Unstated = 'unstated';
    case Primary = 'primary';
    case Secondary = 'secondary';
    case Undetermined = 'undetermined';
}
