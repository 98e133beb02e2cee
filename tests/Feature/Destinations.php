<?php

declare(strict_types=1);

namespace Tests\Feature;

/** What something can be moved or joined to. */
trait Destinations
{
    private function repository(string $name): string
    {
        $source = $this->api('POST', '/sources', ['title' => 'Boat licences', 'repository' => $name])->assertOk()->json('id');

        return $this->api('GET', "/sources/{$source}")->json('repository.id');
    }

    /** A union that a child can be moved to. */
    private function elsewhere(): string
    {
        $keziah = $this->person('Keziah Osk w');
        $this->relative($keziah, 'partner', 'Bran Drum h');

        return (string) $this->api('GET', "/people/{$keziah}")->json('unions.0.id');
    }
}
