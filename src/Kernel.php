<?php

declare(strict_types=1);

namespace Rinkel\App;

use Doctrine\Bundle\DoctrineBundle\DoctrineBundle;
use Doctrine\Bundle\MigrationsBundle\DoctrineMigrationsBundle;
use Symfony\Bundle\FrameworkBundle\FrameworkBundle;
use Symfony\Bundle\FrameworkBundle\Kernel\MicroKernelTrait;
use Symfony\Bundle\MonologBundle\MonologBundle;
use Symfony\Bundle\SecurityBundle\SecurityBundle;
use Symfony\Bundle\TwigBundle\TwigBundle;
use Symfony\Component\Config\Loader\LoaderInterface;
use Symfony\Component\DependencyInjection\ContainerBuilder;
use Symfony\Component\HttpKernel\Kernel as BaseKernel;
use Symfony\Component\Routing\Loader\Configurator\RoutingConfigurator;

final class Kernel extends BaseKernel
{
    use MicroKernelTrait;

    public function __construct(string $environment, bool $debug)
    {
        // Times are kept in UTC; whoever shows one asks Times for the clock of who reads it.
        date_default_timezone_set('UTC');
        // What PHP's JIT compiles came out wrong here (docs/operations.md): nothing is, however a machine is set up.
        $jit = (int) \ini_get('opcache.jit_buffer_size') > 0 ? \ini_get('opcache.jit') : 'disable';
        if (!\in_array($jit, ['disable', '0'], true)) {
            ini_set('opcache.jit', 'off');
        }
        parent::__construct($environment, $debug);
    }

    public function registerBundles(): iterable
    {
        yield new FrameworkBundle();
        yield new TwigBundle();
        yield new MonologBundle();
        yield new SecurityBundle();
        yield new DoctrineBundle();
        yield new DoctrineMigrationsBundle();
    }

    protected function configureContainer(ContainerBuilder $container, LoaderInterface $loader): void
    {
        $loader->load($this->getProjectDir().'/config/packages.yaml');
        $loader->load($this->getProjectDir().'/config/services.yaml');
        if ('test' === $this->environment) {
            $container->loadFromExtension('framework', ['test' => true]);
        }
    }

    protected function configureRoutes(RoutingConfigurator $routes): void
    {
        $routes->import($this->getProjectDir().'/src/Page/*/*Controller.php', 'attribute');
    }
}
