<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Impact;

use NorthBough\Core\Claim\ClassifiedClaim;

/** Something that was concluded, and what it rests on: claims, and other conclusions. */
final readonly class Conclusion
{
    /**
     * @param  string  $id  unlike that of any other conclusion
     * @param  list<ClassifiedClaim>  $claims  that support it
     * @param  list<string>  $restsOn  conclusions without which it does not stand
     */
    public function __construct(
        public ConclusionKind $kind,
        public string $id,
        public array $claims,
        public array $restsOn = [],
    ) {
    }
}
