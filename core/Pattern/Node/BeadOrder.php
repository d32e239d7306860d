<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

/**
 * In which order the named beads of a run follow each other; the value is its word in the text.
 *
 * @internal
 */
enum BeadOrder: string
{
    /** As named, in turn: "6 bead amber sky". */
    case AsNamed = '';

    /** Light and dark by turns: "6 bead by value amber navy sky". */
    case ByValue = 'by value';

    /** Neighbouring colours as far apart as the named allow: "6 bead by colour amber navy sky". */
    case ByColour = 'by colour';

    /** Large and small by turns: "6 bead by form amber navy sky". */
    case ByForm = 'by form';

    /** Matt and shiny, and of one material and another, by turns: "6 bead by finish amber wood". */
    case ByFinish = 'by finish';

    /** From the smallest at both ends to the largest in the middle: "9 bead by size small middle large". */
    case BySize = 'by size';
}
