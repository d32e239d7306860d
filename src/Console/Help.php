<?php

declare(strict_types=1);

namespace Rinkel\App\Console;

use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Event\ConsoleCommandEvent;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputDefinition;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Contracts\Translation\TranslatorInterface;

/**
 * Says what Rinkel's commands do, in the terminal's language: their descriptions are keys of translations/, under
 * "command".
 */
final readonly class Help
{
    public function __construct(private TranslatorInterface $translator) {}

    // After Settings\Speech has chosen the language.
    #[AsEventListener(priority: -10)]
    public function translate(ConsoleCommandEvent $event): void
    {
        if (!\in_array($event->getCommand()?->getName(), ['list', 'help'], true)) {
            return;
        }
        foreach ($event->getCommand()->getApplication()?->all('rinkel') ?? [] as $command) {
            $this->said($command);
        }
    }

    private function said(Command $command): void
    {
        $command->setDescription($this->translator->trans($command->getDescription()));
        $command->setDefinition($this->definition($command->getNativeDefinition()));
    }

    private function definition(InputDefinition $definition): InputDefinition
    {
        $said = new InputDefinition();
        foreach ($definition->getArguments() as $argument) {
            $said->addArgument(new InputArgument(
                $argument->getName(),
                ($argument->isRequired() ? InputArgument::REQUIRED : InputArgument::OPTIONAL)
                    | ($argument->isArray() ? InputArgument::IS_ARRAY : 0),
                $this->translator->trans($argument->getDescription()),
                $argument->isRequired() ? null : $argument->getDefault(),
            ));
        }
        foreach ($definition->getOptions() as $option) {
            $said->addOption(new InputOption(
                $option->getName(),
                $option->getShortcut(),
                $option->isValueRequired() ? InputOption::VALUE_REQUIRED : InputOption::VALUE_NONE,
                $this->translator->trans($option->getDescription()),
                $option->isValueRequired() ? $option->getDefault() : null,
            ));
        }

        return $said;
    }
}
