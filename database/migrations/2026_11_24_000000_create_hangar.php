<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('aircraft', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('family');
            $table->string('transmitter');
            $table->unsignedInteger('head');
            $table->timestamps();
            $table->softDeletes();
        });
        Schema::create('revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('aircraft_id')->constrained('aircraft')->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->unsignedInteger('parent')->nullable();
            $table->text('document');
            $table->string('note');
            $table->boolean('aside')->default(false);
            $table->timestamp('created_at');
            $table->unique(['aircraft_id', 'number']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('revisions');
        Schema::dropIfExists('aircraft');
    }
};
