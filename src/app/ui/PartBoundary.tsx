import { Component, type ReactNode } from "react";
import { Failed } from "./Failed";

interface Props {
  /** What it is, as the beginning of a sentence: "This stage". */
  name: string;
  children: ReactNode;
}

/** A part of the screen that fails stays in its place; what is around it goes on. */
export class PartBoundary extends Component<Props, { error: Error | null }> {
  override state = { error: null as Error | null };

  static getDerivedStateFromError(error: unknown) {
    return { error: error instanceof Error ? error : new Error(String(error)) };
  }

  override componentDidCatch(error: unknown) {
    console.error(`${this.props.name} failed`, error);
  }

  override render() {
    const { error } = this.state;
    if (!error) return this.props.children;
    return (
      <div className="m-auto max-w-xl p-6">
        <Failed
          what={`${this.props.name} could not be shown`}
          why={error.message || "It gave no reason"}
          safe="What was saved is safe, and the rest of the screen still works."
          onRetry={() => this.setState({ error: null })}
        />
      </div>
    );
  }
}
