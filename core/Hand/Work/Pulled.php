<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand\Work;

use Rinkel\Core\Hand\Work;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;

/**
 * A rope or an elastic, pulled as it will be over a hand: it tells of the cord, not of who pulled it.
 *
 * @internal
 */
final readonly class Pulled implements Work
{
    /** Longer than so many times what it was no cord is pulled. */
    private const MOST = 2;

    public function __construct(private Cord $cord) {}

    public function word(): string
    {
        return 'stretch';
    }

    public function cord(): Cord
    {
        return $this->cord;
    }

    public function wantsEnd(): bool
    {
        return true;
    }

    public function wantsLength(): bool
    {
        return false;
    }

    public function disbelieved(Length $before, Length $after): ?Message
    {
        return $after->isShorterThan($before) || $after->isLongerThan($before->times(self::MOST))
            ? new Message('sample-pulled', ['after' => $after, 'before' => $before])
            : null;
    }

    public function reading(int $count, ?Length $length, ?Length $used): null
    {
        return null;
    }

    public function least(int $count, ?Length $length): Length
    {
        return Length::zero();
    }
}
