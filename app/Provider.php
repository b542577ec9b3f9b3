<?php

namespace DuskSwitch\App;

use DuskSwitch\App\Stores\ShippedTransmitters;
use DuskSwitch\Core\Kit\Transmitters;
use Illuminate\Support\ServiceProvider;

/** Binds the ports of the core to what stands behind them here. */
final class Provider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Transmitters::class, fn () => new ShippedTransmitters(database_path('demo/transmitters')));
    }
}
