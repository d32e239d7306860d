<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Message;

/**
 * How often what there is to look at is said.
 *
 * @internal
 */
enum Reminders: string
{
    /** With each act that it belongs to. */
    case Always = 'always';

    /** With the first such act of a piece only; what warns of harm is said always. */
    case Once = 'once';

    /** What warns of harm. */
    private const HARM = ['look-flame', 'look-glue', 'look-magnet', 'look-minute'];

    /**
     * Returns acts with what there is to look at as often as it is to be said.
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    public function of(array $acts): array
    {
        if (self::Always === $this) {
            return $acts;
        }
        $said = [];
        foreach ($acts as $i => $act) {
            $looks = array_values(array_filter(
                $act->advice->looks,
                static fn (Message $look): bool => \in_array($look->key, self::HARM, true)
                    || !isset($said[(string) $look]),
            ));
            $acts[$i] = $looks === $act->advice->looks ? $act : $act->looked($looks);
            foreach ($looks as $look) {
                $said[(string) $look] = true;
            }
        }

        return $acts;
    }
}
