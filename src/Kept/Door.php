<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Events;
use Symfony\Component\DependencyInjection\Attribute\AutowireServiceClosure;

/**
 * Nothing goes into the database that could not be read from it again: what is written is read back first, by whoever
 * reads it later.
 */
#[AsDoctrineListener(Events::onFlush)]
final readonly class Door
{
    /** A thing is checked through its kind: asked for late, since kinds need the database themselves. */
    public function __construct(#[AutowireServiceClosure(Everything::class)] private \Closure $everything) {}

    public function onFlush(OnFlushEventArgs $event): void
    {
        $work = $event->getObjectManager()->getUnitOfWork();
        $everything = ($this->everything)();
        \assert($everything instanceof Everything);
        foreach ([...$work->getScheduledEntityInsertions(), ...$work->getScheduledEntityUpdates()] as $stored) {
            $everything->of($stored)?->check($stored);
        }
    }
}
