<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * What a finding does.
 */
enum FindingKind: string
{
    case Clasp = 'clasp';
    case Ring = 'ring';
    case FoldOverEnd = 'fold-over-end';
    case CordEnd = 'cord-end';
    case CrimpCover = 'crimp-cover';
    case Toggle = 'toggle';
    case Extender = 'extender';
    case Button = 'button';
    case Connector = 'connector';
    case Charm = 'charm';
    case SlideBead = 'slide-bead';
    case Magnet = 'magnet';
    case Link = 'link';
    case Stone = 'stone';
}
