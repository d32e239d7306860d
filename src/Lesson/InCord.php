<?php

declare(strict_types=1);

namespace Rinkel\App\Lesson;

use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;

/**
 * A cord in which a knot can be looked at: of a piece, from the stock, or as somebody typed it.
 */
final readonly class InCord
{
    /**
     * @param string                $key     by which it is chosen
     * @param string                $of      the piece it is in, or its name in the stock; may be nothing
     * @param array<string, string> $colours of what is drawn: working, core, other
     */
    public function __construct(
        public string $key,
        public string $of,
        public Cord $cord,
        public Bundle $core,
        public array $colours,
    ) {}
}
