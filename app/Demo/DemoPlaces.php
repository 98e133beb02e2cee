<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Place;
use App\Models\PlaceChurch;
use App\Models\PlaceInside;
use App\Models\PlaceName;
use App\Refusal;
use App\Trees\Editing\Places;
use NorthBough\Core\Naming\SearchForm;

/** The lines of a demo file that make the gazetteer. */
final class DemoPlaces
{
    /** @var array<string, Place> */
    private array $places = [];

    private ?Place $last = null;

    public function __construct(private readonly Places $editing)
    {
    }

    /** place KEY: NAME | kind | inside KEY | latitude | longitude */
    public function place(string $rest): void
    {
        [$key, $setting] = explode(':', $rest, 2) + [1 => ''];
        [$name, $kind, $inside, $latitude, $longitude] = DemoLoader::parts($setting, 5);
        $this->last = $this->places[trim($key)] = $this->editing->make($name, $kind, $inside === '' ? null : $this->known($inside));
        if ($latitude !== '') {
            $this->editing->change($this->last, ['latitude' => $latitude, 'longitude' => $longitude]);
        }
    }

    /** called NAME | language | from | to */
    public function called(string $rest): void
    {
        [$name, $language, $from, $to] = DemoLoader::parts($rest, 4);
        PlaceName::query()
            ->create(['place_id' => $this->last()->id, 'name' => $name, 'search' => SearchForm::of($name), 'language' => $language,
                'position' => 1 + PlaceName::query()->where('place_id', $this->last()->id)->count(), ...Places::tenure($from, $to)]);
    }

    /** inside KEY | from | to */
    public function inside(string $rest): void
    {
        [$outer, $from, $to] = DemoLoader::parts($rest, 3);
        PlaceInside::query()
            ->create(['place_id' => $this->last()->id, 'inside_id' => $this->known($outer)->id, ...Places::tenure($from, $to)]);
    }

    /** church KEY: KEY | from | to */
    public function church(string $rest): void
    {
        [$key, $setting] = explode(':', $rest, 2) + [1 => ''];
        [$church, $from, $to] = DemoLoader::parts($setting, 3);
        PlaceChurch::query()
            ->create(['place_id' => $this->known(trim($key))->id, 'church_id' => $this->known($church)->id, ...Places::tenure($from, $to)]);
    }

    /** reckoning CALENDAR | first day of the year | until | order | hemisphere */
    public function reckoning(string $rest): void
    {
        $setting = array_combine(['calendar', 'yearStart', 'until', 'order', 'hemisphere'], DemoLoader::parts($rest, 5));
        $this->editing->change($this->last(), ['reckoning' => array_filter($setting, static fn (string $word): bool => $word !== '')]);
    }

    public function known(string $key): Place
    {
        return $this->places[$key] ?? throw new Refusal("There is no place {$key} yet.");
    }

    private function last(): Place
    {
        return $this->last ?? throw new Refusal('This stands under a place.');
    }
}
