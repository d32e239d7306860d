<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

use Rinkel\Core\Quoted;
use Rinkel\Core\Said;

/**
 * One thing wrong in a pattern: where, what stood there and what could stand there.
 */
final readonly class PatternFault
{
    /**
     * @param string            $found    what stood there, "" at the end of the text
     * @param list<Said|string> $expected what could stand there: words of the notation as they are, all else said
     */
    public function __construct(
        public Place $place,
        public string $found,
        public array $expected,
    ) {}

    public function said(): Said
    {
        return new Said('pattern-unread', [
            'found' => '' === $this->found ? new Said('nothing-more') : new Quoted($this->found),
            'expected' => [] === $this->expected ? new Said('left-out') : $this->expected,
        ]);
    }
}
