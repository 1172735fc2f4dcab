/*
 * The best plan of each small day that comes in (one JSON object a line, tools/bench/day.php small), by an exact solver: a task
 * begins in one step of five minutes, in one oven. Prints how far the planner is from it.
 */
import { createInterface } from "node:readline";
import highs from "highs";

const STEP = 5;
const LATE = 10000;
const SECONDS = Number(process.env.EXACT_SECONDS ?? 30);
const UP = 5;
const DOWN = 15;
const HOT = 200;

const solver = await highs();

/** Steps in which each task may begin. */
function windows(day) {
  const at = new Map(day.tasks.map((task, i) => [task.id, i]));
  // no plan that is better is later in all than the one known, nor begins earlier where nothing is late
  const due = Math.max(...day.goals.map((goal) => goal.dueMinute));
  const from = day.late > 0 ? day.from : Math.max(day.from, Math.ceil((due - day.minutes) / STEP) * STEP);
  const early = day.tasks.map(() => from);
  const last = due + day.late;
  const late = day.tasks.map((task) => last - task.minutes);
  // nothing stands longer than four hours
  for (const goal of day.goals) {
    const i = at.get(goal.task);
    early[i] = Math.max(early[i], goal.dueMinute - 240 - day.tasks[i].minutes);
    late[i] = Math.min(late[i], goal.dueMinute + day.late - day.tasks[i].minutes - goal.restMinutes);
  }
  for (let pass = 0; pass < day.tasks.length; pass++) {
    for (const bound of day.bounds) {
      const [i, j] = [at.get(bound.from), at.get(bound.to)];
      early[j] = Math.max(early[j], early[i] + day.tasks[i].minutes + bound.leastMinutes);
      late[i] = Math.min(late[i], late[j] - day.tasks[i].minutes - bound.leastMinutes);
      if (bound.mostMinutes !== null)
        early[i] = Math.max(early[i], early[j] - day.tasks[i].minutes - bound.mostMinutes);
    }
  }
  return { at, early, late };
}

/** Each task may begin in each step of its window, in each of its ovens: a binary for each. */
function choices(day, early, late) {
  return day.tasks.map((task, i) => {
    const options = task.ovens.length ? task.ovens.map((one) => one.oven) : [""];
    return options.flatMap((oven, o) =>
      steps(early[i], late[i]).map((t) => ({ name: `x${i}_${o}_${t - day.from}`, oven, t })),
    );
  });
}

function steps(from, to) {
  const all = [];
  for (let t = from; t <= to; t += STEP) all.push(t);
  return all;
}

const named = (own) => own.map((one) => [1, one.name]);
const sum = (terms) => terms.map(([c, name]) => `${c < 0 ? "-" : "+"} ${Math.abs(c)} ${name}`).join(" ");

/** Least and most minutes between two tasks, step by step. */
function lags(day, x, at, row) {
  const after = (i, j, lag) => {
    for (const { t } of x[i]) {
      const soon = x[j].filter((one) => one.t < t + lag);
      if (soon.length) row([...named(x[i].filter((one) => one.t >= t)), ...named(soon)], "<=", 1);
    }
  };
  for (const bound of day.bounds) {
    const [i, j] = [at.get(bound.from), at.get(bound.to)];
    after(i, j, day.tasks[i].minutes + bound.leastMinutes);
    if (bound.mostMinutes !== null && bound.mostMinutes < 1000)
      after(j, i, -(day.tasks[i].minutes + bound.mostMinutes));
  }
}

/** Those that use a resource in one step. */
function using(day, x, resource, t) {
  return day.tasks.flatMap((task, i) =>
    task.parts
      .filter((part) => part.resource === resource)
      .flatMap((part) =>
        x[i]
          .filter((one) => one.t + part.fromMinute <= t && t < one.t + part.fromMinute + part.minutes)
          .map((one) => [part.units, one.name]),
      ),
  );
}

/** An oven needs 15 minutes down and 5 up between its two heats. */
function changes(day, o, end, row) {
  const [h, c] = [(t) => [1, `h${o}_${t - day.from}`], (t) => [1, `c${o}_${t - day.from}`]];
  for (const t of steps(day.from, end - STEP)) {
    for (const later of steps(t, Math.min(t + DOWN, end - STEP))) row([h(t), c(later)], "<=", 1);
    for (const later of steps(t + STEP, Math.min(t + UP, end - STEP))) row([c(t), h(later)], "<=", 1);
  }
}

function model(day) {
  const { at, early, late } = windows(day);
  const rows = [];
  const cost = new Map();
  const row = (terms, sense, right) => {
    if (terms.length) rows.push(`${sum(terms)} ${sense} ${right}`);
  };
  const x = choices(day, early, late);
  for (const own of x) row(named(own), "=", 1);
  lags(day, x, at, row);
  const end = Math.max(...late.map((one, i) => one + day.tasks[i].minutes));
  for (const t of steps(day.from, end - STEP)) {
    row(using(day, x, "hands", t), "<=", day.cooks);
    row(using(day, x, "ring", t), "<=", day.rings);
    for (const [o, oven] of day.ovens.entries()) heats(day, x, o, oven, t, row);
  }
  for (const o of day.ovens.keys()) changes(day, o, end, row);
  objective(day, x, at, cost, row);
  const terms = [...cost].filter(([, c]) => c !== 0).map(([name, c]) => [c, name]);
  const bin = x.flatMap((own) => own.map((one) => one.name));
  return `Minimize\n obj: ${sum([[1, "last"], [-1, "start"], ...terms])}\nSubject To\n${rows.map((one, i) => ` r${i}: ${one}`).join("\n")}\nBounds\n 0 <= start\n 0 <= last\nBinary\n ${bin.join("\n ")}\nEnd\n`;
}

/** Shelves of an oven in one step; h and c say whether it is hot or cool then. */
function heats(day, x, o, oven, t, row) {
  const inside = [];
  day.tasks.forEach((task, i) => {
    for (const option of task.ovens.filter((one) => one.oven === oven.id)) {
      for (const heat of option.heats) {
        const terms = x[i]
          .filter(
            (one) => one.oven === oven.id && one.t + heat.fromMinute <= t && t < one.t + heat.fromMinute + heat.minutes,
          )
          .map((one) => [1, one.name]);
        if (terms.length === 0) continue;
        inside.push(...terms);
        row([...terms, [-1, `${heat.celsius === HOT ? "h" : "c"}${o}_${t - day.from}`]], "<=", 0);
      }
    }
  });
  row(inside, "<=", oven.shelves);
}

function objective(day, x, at, cost, row) {
  const add = (name, c) => cost.set(name, (cost.get(name) ?? 0) + c);
  for (const goal of day.goals) {
    const [i, out] = [at.get(goal.task), at.get(goal.out)];
    for (const one of x[i])
      add(one.name, LATE * Math.max(0, one.t + day.tasks[i].minutes + goal.restMinutes - goal.dueMinute));
    for (const one of x[out])
      add(one.name, Math.max(0, goal.dueMinute - one.t - day.tasks[out].minutes - goal.afterMinutes));
    row(
      [[1, "last"], ...x[i].map((one) => [-(one.t + day.tasks[i].minutes + goal.restMinutes - day.from), one.name])],
      ">=",
      0,
    );
    row([[1, "last"]], ">=", goal.dueMinute - day.from);
  }
  for (const own of x) row([[1, "start"], ...own.map((one) => [-(one.t - day.from), one.name])], "<=", 0);
}

const found = [];
for await (const line of createInterface({ input: process.stdin })) {
  const day = JSON.parse(line);
  const started = performance.now();
  const solved = solver.solve(model(day), { time_limit: SECONDS, output_flag: false, mip_rel_gap: 0 });
  const isProven = solved.Status === "Optimal";
  const isOpen = solved.Status === "Time limit reached";
  const best = isProven ? solved.ObjectiveValue : null;
  found.push({ ...day, best, isProven, isOpen });
  console.error(
    `day ${day.seed}: ${solved.Status}, best ${best ?? "?"}, planned ${day.minutes}, ${Math.round(performance.now() - started)} ms`,
  );
}
const proven = found.filter((one) => one.isProven && one.isPossible);
const apart = proven.map((one) => one.minutes / one.best - 1).sort((a, b) => a - b);
const percent = (value) => Math.round(1000 * value) / 10;
console.log(
  JSON.stringify({
    bench: "day against the best there is",
    days: found.length,
    proven: proven.length,
    mean_percent: percent(apart.reduce((sum, one) => sum + one, 0) / Math.max(1, apart.length)),
    median_percent: percent(apart[Math.floor(apart.length / 2)] ?? 0),
    most_percent: percent(apart.at(-1) ?? 0),
    best_found: proven.filter((one) => one.minutes <= one.best + 1e-6).length,
    more_late: proven.filter((one) => Math.floor(one.minutes / LATE) > Math.floor((one.best + 1e-6) / LATE)).length,
    not_planned: found.filter((one) => !one.isPossible && one.isProven).length,
    faults: found.reduce((sum, one) => sum + one.faults.length, 0),
    above_bound: found.filter((one) => one.isPossible && one.bound > one.minutes + 1e-6).length,
    bound_wrong: proven.filter((one) => one.bound > one.best + 1e-6).length,
    planned_ms: Math.round(found.reduce((sum, one) => sum + one.took_ms, 0) / found.length),
  }),
);
