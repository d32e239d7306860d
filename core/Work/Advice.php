<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Message;

/**
 * What helps with an act: what to look at, what to have at hand, and who teaches it.
 */
final readonly class Advice
{
    /**
     * @param list<Message> $looks  what to look at, and to take care of
     * @param list<Tool>    $tools
     * @param string|null   $lesson that teaches it
     */
    public function __construct(
        public array $looks = [],
        public array $tools = [],
        public ?string $lesson = null,
    ) {}
}
