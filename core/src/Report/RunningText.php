<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use Closure;
use NorthBough\Core\Citation\NoteNumbers;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Narrative\PlaceWords;
use NorthBough\Core\Narrative\Teller;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\NoteList;
use NorthBough\Core\Tree\Event;

/** What runs through a whole text: the numbers of its notes, and which places it has named. */
final readonly class RunningText
{
    public Teller $teller;

    private function __construct(public NoteNumbers $notes, public PlaceWords $places)
    {
        $this->teller = new Teller($places);
    }

    public static function begun(): self
    {
        return new self(new NoteNumbers, new PlaceWords);
    }

    /**
     * The marks that events call for.
     *
     * @param  bool  $isWanted  false for a text without notes
     * @param  Rivals  $rivals  what else is said, for notes of their own
     * @return Closure(Event): list<StyledWords>
     */
    public function marks(bool $isWanted, Rivals $rivals): Closure
    {
        return fn (Event $event): array => $isWanted
            ? [...$this->notes->marks($event->grounds()), ...$rivals->marks($event, $this->notes)] : [];
    }

    /** @return list<Block> the notes and the bibliography at the end of a text; nothing where nothing was cited */
    public function apparatus(string $title = 'Notes'): array
    {
        return $this->notes->notes() === [] ? []
            : [new NoteList($title, $this->notes->notes()), ...Bibliography::of($this->notes->sources())];
    }
}
