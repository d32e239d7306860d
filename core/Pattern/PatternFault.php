<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

use Rinkel\Core\Message;
use Rinkel\Core\Quoted;

/**
 * One thing wrong in a pattern: where, what stood there and what could stand there.
 *
 * @internal
 */
final readonly class PatternFault
{
    /**
     * @param string               $found    what stood there, "" at the end of the text
     * @param list<Message|string> $expected what could stand there: words of the notation as they are, all else said
     */
    public function __construct(
        public Place $place,
        public string $found,
        public array $expected,
    ) {}

    public function said(): Message
    {
        return new Message('pattern-unread', [
            'found' => '' === $this->found ? new Message('nothing-more') : new Quoted($this->found),
            'expected' => [] === $this->expected ? new Message('left-out') : $this->expected,
        ]);
    }
}
