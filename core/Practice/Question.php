<?php

declare(strict_types=1);

namespace Rinkel\Core\Practice;

use Rinkel\Core\Message;

/**
 * One question with its answers, of which one is right, and why it is.
 *
 * @internal
 */
final readonly class Question
{
    /**
     * @param list<Message> $answers
     * @param int           $right   which of them, from 0
     * @param string|null   $pattern of a flat band to look at, in the notation; null where there is nothing to see
     * @param Shown|null    $shown   a frame of a lesson to look at
     */
    public function __construct(
        public Message $asked,
        public array $answers,
        public int $right,
        public Message $why,
        public ?string $pattern = null,
        public ?Shown $shown = null,
    ) {}
}
