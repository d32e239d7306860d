<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * What a maker puts on knots and ends that do not melt, or that they do not singe; findings, stones, ropes and elastic
 * are always glued.
 *
 * @internal
 */
enum Sealing: string
{
    case Glue = 'glue';

    /** Clear varnish, as for nails. */
    case Varnish = 'varnish';

    /**
     * Returns the one word or the other.
     */
    public function or(string $glue, string $varnish): string
    {
        return self::Varnish === $this ? $varnish : $glue;
    }

    public function how(): How
    {
        return self::Varnish === $this ? How::Varnish : How::Glue;
    }

    public function tool(): Tool
    {
        return self::Varnish === $this ? Tool::Varnish : Tool::Glue;
    }
}
